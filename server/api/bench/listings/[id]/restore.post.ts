import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { putListingBack } from '../../../../pages/taken-listings'

/** Puts a listing back where it stood before it was taken off all pages. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  await putListingBack(db, uuidParameter(event, 'id', 'The listing'), account)
  return { deleted: false }
})
