import { readOpenJson } from '../../http/body'
import { openEndpoint } from '../../http/endpoint'
import { clientOf } from '../../http/clients'
import { countTry } from '../../people/limiters'
import { acceptInvitation } from '../../people/accounts'
import { accountOf, openSession } from '../../people/session'

/** Takes an invitation up with the password chosen, and signs in. */
export default openEndpoint(async ({ event, db }) => {
  await countTry(db, [{ limit: 'invitation', subject: clientOf(event) }])
  const accountId = await acceptInvitation(db, await readOpenJson(event), Date.now())
  await openSession(event, db, accountId)
  return (await accountOf(event, db)) ?? null
})
