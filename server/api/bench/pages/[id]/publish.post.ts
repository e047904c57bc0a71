import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { publishPage } from '../../../../pages/publishing'
import { seenInput } from '../../../../pages/seen-input'

/** Makes the draft of these versions what visitors see. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const seen = seenInput(await readJson(event))
  return publishPage(db, numberParameter(event, 'id', 'The page'), seen, account)
})
