import { questionEndpoint } from '../../../../http/endpoint'
import { siteColours } from '../../../../site/colours'

/** The palette of the site, and by which set of it pages go. */
export default questionEndpoint('designer', ({ db }) => siteColours(db))
