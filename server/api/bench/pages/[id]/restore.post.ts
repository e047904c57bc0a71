import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setPageDeleted } from '../../../../pages/making-pages'

/** Puts a deleted page back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setPageDeleted(db, numberParameter(event, 'id', 'The page'), false)
  return { deleted: false }
})
