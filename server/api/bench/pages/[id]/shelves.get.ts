import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { shelvedElsewhere } from '../../../../pages/shelves'

/** What lies on the shelves of the other pages. */
export default questionEndpoint('writer', ({ event, db }) =>
  shelvedElsewhere(db, numberParameter(event, 'id', 'The page')),
)
