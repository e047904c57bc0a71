import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { addLook } from '../../../looks/looks'

/** Makes a look. */
export default benchEndpoint('designer', async ({ event, db }) => addLook(db, await readJson(event)))
