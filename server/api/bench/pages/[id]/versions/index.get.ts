import { questionEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'
import { pageVersions } from '../../../../../pages/page-versions'

/** What visitors had of a page, the newest first. */
export default questionEndpoint('writer', ({ event, db }) =>
  pageVersions(db, numberParameter(event, 'id', 'The page')),
)
