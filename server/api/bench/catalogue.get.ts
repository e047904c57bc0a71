import { loadCatalogue } from '../../content/catalogue'
import { questionEndpoint } from '../../http/endpoint'

/** The site and the names of everything that listings refer to. */
export default questionEndpoint('writer', ({ db }) => loadCatalogue(db))
