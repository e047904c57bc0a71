import { collectionRows } from '../../../content/collections'
import { benchEndpoint } from '../../../http/endpoint'

/** The collections with how many entries each holds. */
export default benchEndpoint('writer', ({ db }) => collectionRows(db))
