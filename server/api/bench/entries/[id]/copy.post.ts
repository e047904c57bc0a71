import { duplicateEntry } from '../../../../content/entries'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Adds a draft like this entry. */
export default benchEndpoint('writer', ({ event, db, account }) =>
  duplicateEntry(db, numberParameter(event, 'id', 'The entry'), account),
)
