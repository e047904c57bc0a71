import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setPageDeleted } from '../../../../pages/making-pages'

/** Takes a page off the site; it can be put back for some days. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setPageDeleted(db, numberParameter(event, 'id', 'The page'), true)
  return { deleted: true }
})
