import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setMediaDeleted } from '../../../../media/media'

/** Takes a file out; it can be put back. */
export default benchEndpoint('writer', async ({ event, db }) => {
  await setMediaDeleted(db, numberParameter(event, 'id', 'The file'), true)
  return { deleted: true }
})
