import { questionEndpoint } from '../../../http/endpoint'
import { unmadePages } from '../../../pages/usual-pages'

/** The pages that visitors get though nobody made them. */
export default questionEndpoint('writer', ({ db }) => unmadePages(db))
