import { facetRows } from '../../../content/facets'
import { questionEndpoint } from '../../../http/endpoint'

/** The facets there are. */
export default questionEndpoint('writer', ({ db }) => facetRows(db))
