import { addFacet } from '../../../content/facets'
import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'

/** Makes a facet. */
export default benchEndpoint('designer', async ({ event, db }) => addFacet(db, await readJson(event)))
