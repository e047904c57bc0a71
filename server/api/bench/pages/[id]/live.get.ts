import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { liveDocument } from '../../../../pages/pages'

/** A page with its listings as visitors have them. */
export default questionEndpoint('writer', ({ event, db }) =>
  liveDocument(db, numberParameter(event, 'id', 'The page')),
)
