import { questionEndpoint } from '../../../http/endpoint'
import { deletedPages } from '../../../pages/page-rows'

/** Pages that can be put back. */
export default questionEndpoint('writer', ({ db }) => deletedPages(db))
