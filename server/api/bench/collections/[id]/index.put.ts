import { saveCollection } from '../../../../content/collections'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes a collection. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await saveCollection(db, numberParameter(event, 'id', 'The collection'), await readJson(event))
  return { saved: true }
})
