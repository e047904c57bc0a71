import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { setRole } from '../../../../people/accounts'

/** Gives an account another role. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await setRole(db, uuidParameter(event, 'id', 'The account'), await readJson(event))
  return { saved: true }
})
