import { setFacetDeleted } from '../../../../content/facets'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Takes a facet with its terms off everything; it can be put back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFacetDeleted(db, numberParameter(event, 'id', 'The facet'), true)
  return { deleted: true }
})
