import { questionEndpoint } from '../../../http/endpoint'
import { worksOf } from '../../../work/works'

/** What goes on by itself, and what failed to. */
export default questionEndpoint('owner', ({ db }) => worksOf(db))
