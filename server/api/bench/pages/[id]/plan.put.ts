import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { planPage } from '../../../../pages/publishing'
import { seenInput } from '../../../../pages/seen-input'

/** Plans that the draft of these versions goes live by the clock. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const body = await readJson(event)
  return planPage(db, numberParameter(event, 'id', 'The page'), seenInput(body), body, account)
})
