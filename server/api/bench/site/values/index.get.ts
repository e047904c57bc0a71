import { questionEndpoint } from '../../../../http/endpoint'
import { siteValues } from '../../../../site/values'

/** The palette of the site, and by which set of it pages go. */
export default questionEndpoint('designer', ({ db }) => siteValues(db))
