import { setCollectionDeleted } from '../../../../content/collections'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Takes a collection with its entries off the site; it can be put back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setCollectionDeleted(db, numberParameter(event, 'id', 'The collection'), true)
  return { deleted: true }
})
