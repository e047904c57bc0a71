import { questionEndpoint } from '../../../http/endpoint'
import { siteMenus } from '../../../site/menus'

/** The menus at the head and the foot of every page. */
export default questionEndpoint('writer', ({ db }) => siteMenus(db))
