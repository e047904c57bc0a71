import { saveFacet } from '../../../../content/facets'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes a facet. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await saveFacet(db, numberParameter(event, 'id', 'The facet'), await readJson(event))
  return { saved: true }
})
