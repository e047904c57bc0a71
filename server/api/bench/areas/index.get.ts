import { questionEndpoint } from '../../../http/endpoint'
import { sharedAreas } from '../../../pages/shared-areas'

/** Every shared area of the site. */
export default questionEndpoint('writer', ({ db }) => sharedAreas(db))
