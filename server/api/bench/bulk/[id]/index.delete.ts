import { undoBulkChange } from '../../../../content/bulk'
import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'

/** Takes a bulk change back. */
export default benchEndpoint('writer', ({ event, db, account }) =>
  undoBulkChange(db, uuidParameter(event, 'id', 'The change'), account),
)
