import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { makeFrontPage } from '../../../../pages/page-addresses'

/** Makes a page the front page of the site. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await makeFrontPage(db, numberParameter(event, 'id', 'The page'))
  return { front: true }
})
