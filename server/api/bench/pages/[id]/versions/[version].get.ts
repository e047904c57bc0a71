import { questionEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'
import { pageVersion } from '../../../../../pages/page-versions'

/** A page with its listings as visitors had them once. */
export default questionEndpoint('writer', ({ event, db }) =>
  pageVersion(
    db,
    numberParameter(event, 'id', 'The page'),
    numberParameter(event, 'version', 'This version of the page'),
  ),
)
