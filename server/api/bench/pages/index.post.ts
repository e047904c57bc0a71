import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { addPage } from '../../../pages/making-pages'

/** Makes a page. */
export default benchEndpoint('designer', async ({ event, db, account }) =>
  addPage(db, await readJson(event), account),
)
