import { questionEndpoint } from '../../../http/endpoint'
import { pageRows } from '../../../pages/page-rows'

/** Every page of the site. */
export default questionEndpoint('writer', ({ db }) => pageRows(db))
