import { mostAtOnce } from '../../../../../core/content/bulk'
import { entryTableQuery, matchingIds } from '../../../../content/entry-table'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter, queryParameters } from '../../../../http/parameters'

/** Every entry that a table's question finds, for changing all of them at once. */
export default questionEndpoint('writer', async ({ event, db }) => ({
  ids: await matchingIds(
    db,
    numberParameter(event, 'id', 'The collection'),
    queryParameters(event, entryTableQuery),
    Date.now(),
    mostAtOnce,
  ),
}))
