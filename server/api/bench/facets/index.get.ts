import { facetRows } from '../../../content/facets'
import { benchEndpoint } from '../../../http/endpoint'

/** The facets there are. */
export default benchEndpoint('writer', ({ db }) => facetRows(db))
