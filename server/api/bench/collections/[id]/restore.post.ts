import { setCollectionDeleted } from '../../../../content/collections'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Puts a deleted collection back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setCollectionDeleted(db, numberParameter(event, 'id', 'The collection'), false)
  return { deleted: false }
})
