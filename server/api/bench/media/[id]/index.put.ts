import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { saveMedia } from '../../../../media/media'

/** Changes what is said about a file. */
export default benchEndpoint('writer', async ({ event, db }) =>
  saveMedia(db, numberParameter(event, 'id', 'The file'), await readJson(event)),
)
