import { readOpenJson } from '../../http/body'
import { openEndpoint } from '../../http/endpoint'
import { acceptInvitation } from '../../people/accounts'
import { accountOf, openSession } from '../../people/session'

/** Takes an invitation up with the password chosen, and signs in. */
export default openEndpoint(async ({ event, db }) => {
  const accountId = await acceptInvitation(db, await readOpenJson(event), Date.now())
  await openSession(event, db, accountId)
  return (await accountOf(event, db)) ?? null
})
