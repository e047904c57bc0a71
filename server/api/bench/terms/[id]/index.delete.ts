import { deleteTerm } from '../../../../content/terms'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Takes a term away. */
export default benchEndpoint('designer', ({ event, db, account }) =>
  deleteTerm(db, numberParameter(event, 'id', 'The term'), account),
)
