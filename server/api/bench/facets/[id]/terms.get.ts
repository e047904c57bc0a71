import { termRows } from '../../../../content/terms'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** The terms of a facet. */
export default benchEndpoint('writer', ({ event, db }) => termRows(db, numberParameter(event, 'id', 'The facet')))
