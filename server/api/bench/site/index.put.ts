import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { saveSiteSettings } from '../../../site/site-settings'

/** Changes what is set for the whole site. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await saveSiteSettings(db, await readJson(event))
  return { saved: true }
})
