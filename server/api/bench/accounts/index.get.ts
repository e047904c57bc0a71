import { questionEndpoint } from '../../../http/endpoint'
import { accountRows, invitationRows } from '../../../people/accounts'

/** The accounts and the invitations that are still good. */
export default questionEndpoint('owner', async ({ db }) => ({
  accounts: await accountRows(db),
  invitations: await invitationRows(db, Date.now()),
}))
