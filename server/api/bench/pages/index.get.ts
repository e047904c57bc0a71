import { benchEndpoint } from '../../../http/endpoint'
import { pageRows } from '../../../pages/pages'

/** Every page of the site. */
export default benchEndpoint('writer', ({ db }) => pageRows(db))
