import { benchEndpoint } from '../../../http/endpoint'
import { loadSite } from '../../../site/site'

/** What is set for the whole site. */
export default benchEndpoint('owner', async ({ db }) => ({ brokenRules: (await loadSite(db)).brokenRules }))
