import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { saveSiteFacts } from '../../../../site/site-facts'

/** Changes what the site says of itself. */
export default benchEndpoint('owner', async ({ event, db }) => saveSiteFacts(db, await readJson(event)))
