import { benchEndpoint } from '../../../http/endpoint'
import { uuidParameter } from '../../../http/parameters'
import { withdrawInvitation } from '../../../people/accounts'

/** Ends an invitation that was not used. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await withdrawInvitation(db, uuidParameter(event, 'id', 'The invitation'))
  return { withdrawn: true }
})
