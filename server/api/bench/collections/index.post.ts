import { addCollection } from '../../../content/collections'
import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'

/** Makes a collection. */
export default benchEndpoint('designer', async ({ event, db }) => addCollection(db, await readJson(event)))
