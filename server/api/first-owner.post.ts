import { readOpenJson } from '../http/body'
import { clientOf } from '../http/clients'
import { openEndpoint } from '../http/endpoint'
import { makeFirstOwner } from '../people/first-owner'
import { countTry } from '../people/limiters'
import { accountOf, openSession } from '../people/session'

/** Makes the account of the first owner of a new site, and signs in. */
export default openEndpoint(async ({ event, db }) => {
  await countTry(db, [{ limit: 'invitation', subject: clientOf(event) }])
  const accountId = await makeFirstOwner(db, await readOpenJson(event))
  await openSession(event, db, accountId)
  return (await accountOf(event, db)) ?? null
})
