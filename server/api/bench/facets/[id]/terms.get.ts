import { termRows } from '../../../../content/term-rows'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** The terms of a facet. */
export default questionEndpoint('writer', ({ event, db }) =>
  termRows(db, numberParameter(event, 'id', 'The facet')),
)
