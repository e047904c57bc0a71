import { questionEndpoint } from '../../../http/endpoint'
import { everyListing } from '../../../pages/listing-places'

/** Every listing of the site. */
export default questionEndpoint('writer', ({ db }) => everyListing(db))
