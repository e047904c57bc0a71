import { questionEndpoint } from '../../../../../http/endpoint'
import { numberParameter, uuidParameter } from '../../../../../http/parameters'
import { listingVersion } from '../../../../../pages/listing-versions'

/** A listing as visitors had it once. */
export default questionEndpoint('writer', ({ event, db }) =>
  listingVersion(
    db,
    uuidParameter(event, 'id', 'The listing'),
    numberParameter(event, 'version', 'This version of the listing'),
  ),
)
