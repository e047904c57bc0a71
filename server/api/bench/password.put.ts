import { readJson } from '../../http/body'
import { benchEndpoint } from '../../http/endpoint'
import { changePassword } from '../../people/accounts'
import { sessionIdOf } from '../../people/session'

/** Changes one's own password. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  await changePassword(db, account.id, (await sessionIdOf(event)) ?? '', await readJson(event))
  return { changed: true }
})
