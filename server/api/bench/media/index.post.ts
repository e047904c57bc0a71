import { object, string } from 'yup'
import { largestMedia } from '../../../../core/content/media'
import { readBytes } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'
import { sendJob } from '../../../jobs/queue'
import { addMedia } from '../../../media/media'
import { widthsMaking } from '../../../media/renditions'

const query = object({ name: string().max(500).default('') })

/** Stores a file: its bytes are the body, `?name=` says what it was called. */
export default benchEndpoint('writer', async ({ event, db }) => {
  const { name } = queryParameters(event, query)
  const media = await addMedia(db, await readBytes(event, Math.max(...Object.values(largestMedia))), name)
  if (media.kind === 'picture') await sendJob(db, widthsMaking, { hash: media.hash }, media.hash)
  return media
})
