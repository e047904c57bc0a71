import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { saveMenus } from '../../../site/menus'

/** Changes the menus. */
export default benchEndpoint('designer', async ({ event, db }) => saveMenus(db, await readJson(event)))
