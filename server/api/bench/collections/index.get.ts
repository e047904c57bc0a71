import { collectionRows } from '../../../content/collections'
import { questionEndpoint } from '../../../http/endpoint'

/** The collections with how many entries each holds. */
export default questionEndpoint('writer', ({ db }) => collectionRows(db))
