import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { setAccountClosed } from '../../../../people/accounts'

/** Opens a closed account again. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await setAccountClosed(db, uuidParameter(event, 'id', 'The account'), false)
  return { closed: false }
})
