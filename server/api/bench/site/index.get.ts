import { questionEndpoint } from '../../../http/endpoint'
import { siteSettings } from '../../../site/site-settings'

/** What is set for the whole site. */
export default questionEndpoint('owner', ({ db }) => siteSettings(db))
