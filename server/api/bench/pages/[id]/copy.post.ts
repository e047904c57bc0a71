import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { copyPage } from '../../../../pages/making-pages'

/** Makes a page like this one. */
export default benchEndpoint('designer', ({ event, db, account }) =>
  copyPage(db, numberParameter(event, 'id', 'The page'), account),
)
