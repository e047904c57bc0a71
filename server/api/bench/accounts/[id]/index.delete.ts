import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { setAccountClosed } from '../../../../people/accounts'

/** Closes an account. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await setAccountClosed(db, uuidParameter(event, 'id', 'The account'), true)
  return { closed: true }
})
