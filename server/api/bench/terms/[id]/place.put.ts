import { moveTerm } from '../../../../content/terms'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Puts a term in another place of its facet. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await moveTerm(db, numberParameter(event, 'id', 'The term'), await readJson(event))
  return { moved: true }
})
