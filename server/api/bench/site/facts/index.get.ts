import { questionEndpoint } from '../../../../http/endpoint'
import { siteFacts } from '../../../../site/site-facts'

/** What the site says of itself. */
export default questionEndpoint('owner', ({ db }) => siteFacts(db))
