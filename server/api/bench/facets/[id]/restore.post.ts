import { setFacetDeleted } from '../../../../content/facets'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Puts a deleted facet back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFacetDeleted(db, numberParameter(event, 'id', 'The facet'), false)
  return { deleted: false }
})
