import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { unplanPage } from '../../../../pages/publishing'

/** Gives up what was planned. */
export default benchEndpoint('designer', ({ event, db }) =>
  unplanPage(db, numberParameter(event, 'id', 'The page')),
)
