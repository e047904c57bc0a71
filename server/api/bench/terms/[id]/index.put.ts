import { saveTerm } from '../../../../content/terms'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes what is said about a term. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await saveTerm(db, numberParameter(event, 'id', 'The term'), await readJson(event))
  return { saved: true }
})
