import { questionEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'
import { mediaQuery, mediaTable } from '../../../media/media'

/** A page of the stored files. */
export default questionEndpoint('writer', ({ event, db }) =>
  mediaTable(db, queryParameters(event, mediaQuery)),
)
