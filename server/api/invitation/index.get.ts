import { object, string } from 'yup'
import { openEndpoint } from '../../http/endpoint'
import { queryParameters } from '../../http/parameters'
import { clientOf } from '../../http/clients'
import { countTry } from '../../people/limiters'
import { invitationOf } from '../../people/accounts'

const query = object({ token: string().max(200).default('') })

/** Whom a link invites. */
export default openEndpoint(async ({ event, db }) => {
  await countTry(db, [{ limit: 'invitation', subject: clientOf(event) }])
  return invitationOf(db, queryParameters(event, query).token, Date.now())
})
