import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { editedPage } from '../../../../pages/pages'

/** A page's draft with its listings. */
export default questionEndpoint('writer', ({ event, db }) =>
  editedPage(db, numberParameter(event, 'id', 'The page')),
)
