import { loadEntry } from '../../../../content/entries'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** An entry as its form edits it. */
export default questionEndpoint('writer', ({ event, db }) =>
  loadEntry(db, numberParameter(event, 'id', 'The entry')),
)
