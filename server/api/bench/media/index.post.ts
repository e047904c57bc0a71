import { object, string } from 'yup'
import { largestMedia } from '../../../../core/content/media'
import { readBytes } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'
import { addMedia } from '../../../media/media'
import { makeAll } from '../../../media/renditions'

const query = object({ name: string().max(500).default('') })

/** Stores a file: its bytes are the body, `?name=` says what it was called. */
export default benchEndpoint('writer', async ({ event, db }) => {
  const { name } = queryParameters(event, query)
  const media = await addMedia(db, await readBytes(event, Math.max(...Object.values(largestMedia))), name)
  if (media.kind === 'picture')
    void makeAll(db, media).catch((error: unknown) =>
      console.warn(`A picture is made when it is asked for: ${String(error)}`),
    )
  return media
})
