import { benchEndpoint } from '../../../http/endpoint'
import { accountRows, invitationRows } from '../../../people/accounts'

/** The accounts and the invitations that are still good. */
export default benchEndpoint('owner', async ({ db }) => ({
  accounts: await accountRows(db),
  invitations: await invitationRows(db, Date.now()),
}))
