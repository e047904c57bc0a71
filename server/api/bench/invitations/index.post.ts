import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { invite } from '../../../people/accounts'

/** Invites somebody; the answer holds the token of their link, once. */
export default benchEndpoint('owner', async ({ event, db, account }) =>
  invite(db, await readJson(event), account, Date.now()),
)
