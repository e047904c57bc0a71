import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { takeListingOff } from '../../../../pages/taken-listings'

/** Takes a listing off the drafts of all pages; it can be put back. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  await takeListingOff(db, uuidParameter(event, 'id', 'The listing'), account)
  return { deleted: true }
})
