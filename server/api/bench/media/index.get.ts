import { benchEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'
import { mediaQuery, mediaTable } from '../../../media/media'

/** A page of the stored files. */
export default benchEndpoint('writer', ({ event, db }) => mediaTable(db, queryParameters(event, mediaQuery)))
