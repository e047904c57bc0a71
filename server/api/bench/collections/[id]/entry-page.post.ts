import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setUpEntryPage } from '../../../../pages/entry-pages'

/** The page on which listings stand around each entry of a collection, made where there is none yet. */
export default benchEndpoint('designer', ({ event, db, account }) =>
  setUpEntryPage(db, numberParameter(event, 'id', 'The collection'), account),
)
