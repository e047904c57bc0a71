import { demoAccount } from '../../../demo/account'
import { openEndpoint } from '../../http/endpoint'
import { accountOf } from '../../people/session'

/** Who is signed in; and, while the demo account is there, how to sign in with it. */
export default openEndpoint(async ({ event, db }) => {
  const account = await accountOf(event, db)
  const demo = await db.selectFrom('accounts').select('id').where('email', '=', demoAccount.email).executeTakeFirst()
  return { account, demo: demo ? { email: demoAccount.email, password: demoAccount.password } : null }
})
