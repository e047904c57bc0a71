import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setLookDeleted } from '../../../../looks/looks'

/** Puts a look back on the listings that are in it. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setLookDeleted(db, numberParameter(event, 'id', 'The look'), false)
  return { deleted: false }
})
