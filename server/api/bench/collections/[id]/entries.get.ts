import { entryTable, entryTableQuery } from '../../../../content/entry-table'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter, queryParameters } from '../../../../http/parameters'

/** A page of a collection's entries. */
export default questionEndpoint('writer', ({ event, db }) =>
  entryTable(
    db,
    numberParameter(event, 'id', 'The collection'),
    queryParameters(event, entryTableQuery),
    Date.now(),
  ),
)
