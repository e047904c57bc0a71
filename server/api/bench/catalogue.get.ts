import { loadCatalogue } from '../../content/catalogue'
import { benchEndpoint } from '../../http/endpoint'

/** The site and the names of everything that listings refer to. */
export default benchEndpoint('writer', ({ db }) => loadCatalogue(db))
