import { isWithoutOwner } from '../../people/first-owner'
import { isDemoOpen } from '../../people/demo-account'
import { demoAccount } from '../../../demo/account'
import { openEndpoint } from '../../http/endpoint'
import { accountOf } from '../../people/session'

/** Who is signed in; and, while the demo account is there, how to sign in with it. */
export default openEndpoint(async ({ event, db }) => {
  const account = await accountOf(event, db)
  return {
    account,
    isNew: account === null && (await isWithoutOwner(db)),
    demo: (await isDemoOpen(db)) ? { email: demoAccount.email, password: demoAccount.password } : null,
  }
})
