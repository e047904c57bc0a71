import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { setUpUsualPage } from '../../../pages/usual-pages'

/** Makes one of them a page that can be set up. */
export default benchEndpoint('designer', async ({ event, db, account }) =>
  setUpUsualPage(db, await readJson(event), account),
)
