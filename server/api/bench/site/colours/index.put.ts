import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { saveSiteColours } from '../../../../site/colours'

/** Changes the palette. */
export default benchEndpoint('designer', async ({ event, db }) => saveSiteColours(db, await readJson(event)))
