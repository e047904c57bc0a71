import { questionEndpoint } from '../../../http/endpoint'
import { authorRows } from '../../../people/authors'

/** The authors there are. */
export default questionEndpoint('writer', ({ db }) => authorRows(db))
