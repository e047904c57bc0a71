import { entryTable, entryTableQuery } from '../../../../content/entry-table'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter, queryParameters } from '../../../../http/parameters'

/** A page of a collection's entries. */
export default benchEndpoint('writer', ({ event, db }) =>
  entryTable(
    db,
    numberParameter(event, 'id', 'The collection'),
    queryParameters(event, entryTableQuery),
    Date.now(),
  ),
)
