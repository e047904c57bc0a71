import { versionsOf } from '../../../../../content/entry-history'
import { questionEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'

/** The history of an entry, newest first. */
export default questionEndpoint('writer', ({ event, db }) =>
  versionsOf(db, numberParameter(event, 'id', 'The entry')),
)
