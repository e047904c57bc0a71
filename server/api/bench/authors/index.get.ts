import { benchEndpoint } from '../../../http/endpoint'
import { authorRows } from '../../../people/authors'

/** The authors there are. */
export default benchEndpoint('writer', ({ db }) => authorRows(db))
