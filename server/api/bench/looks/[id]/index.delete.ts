import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setLookDeleted } from '../../../../looks/looks'

/** Takes a look away; it can be put back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setLookDeleted(db, numberParameter(event, 'id', 'The look'), true)
  return { deleted: true }
})
