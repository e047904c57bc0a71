import { openEndpoint } from '../../http/endpoint'
import { closeSession } from '../../people/session'

/** Signs out. */
export default openEndpoint(async ({ event, db }) => {
  await closeSession(event, db)
  return { account: null }
})
