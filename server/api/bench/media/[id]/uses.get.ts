import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { mediaUses } from '../../../../media/media'

/** Where a file is used. */
export default questionEndpoint('writer', ({ event, db }) =>
  mediaUses(db, numberParameter(event, 'id', 'The file')),
)
