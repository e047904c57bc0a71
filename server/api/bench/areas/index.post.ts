import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { addSharedArea } from '../../../pages/shared-areas'

/** Makes a shared area of an area of a page. */
export default benchEndpoint('designer', async ({ event, db, account }) =>
  addSharedArea(db, await readJson(event), account),
)
