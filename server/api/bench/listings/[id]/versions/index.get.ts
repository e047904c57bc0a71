import { questionEndpoint } from '../../../../../http/endpoint'
import { uuidParameter } from '../../../../../http/parameters'
import { listingVersions } from '../../../../../pages/listing-versions'

/** What visitors had of a listing, the newest first. */
export default questionEndpoint('writer', ({ event, db }) =>
  listingVersions(db, uuidParameter(event, 'id', 'The listing')),
)
