import { addFacet } from '../../../content/facets'
import { benchEndpoint, readJson } from '../../../http/endpoint'

/** Makes a facet. */
export default benchEndpoint('designer', async ({ event, db }) => addFacet(db, await readJson(event)))
