import { saveHappening } from '../../../../content/happening'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Says which fields tell when the entries of a collection happen, where, and in which line. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await saveHappening(db, numberParameter(event, 'id', 'The collection'), await readJson(event))
  return { saved: true }
})
