import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setMediaDeleted } from '../../../../media/media'

/** Puts a deleted file back. */
export default benchEndpoint('writer', async ({ event, db }) => {
  await setMediaDeleted(db, numberParameter(event, 'id', 'The file'), false)
  return { deleted: false }
})
