import { readJson } from '../../http/body'
import { benchEndpoint } from '../../http/endpoint'
import { countTry } from '../../people/limiters'
import { changePassword } from '../../people/accounts'
import { sessionIdOf } from '../../people/session'

/** Changes one's own password. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  await countTry(db, [{ limit: 'password', subject: account.id }])
  await changePassword(db, account.id, (await sessionIdOf(event)) ?? '', await readJson(event))
  return { changed: true }
})
