import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { saveSiteValues } from '../../../../site/values'

/** Changes the palette. */
export default benchEndpoint('designer', async ({ event, db }) => saveSiteValues(db, await readJson(event)))
