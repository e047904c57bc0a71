import { addCollection } from '../../../content/collections'
import { benchEndpoint, readJson } from '../../../http/endpoint'

/** Makes a collection. */
export default benchEndpoint('designer', async ({ event, db }) => addCollection(db, await readJson(event)))
