import { benchEndpoint } from '../../../http/endpoint'
import { siteSettings } from '../../../site/site-settings'

/** What is set for the whole site. */
export default benchEndpoint('owner', ({ db }) => siteSettings(db))
