import { object, string } from 'yup'
import { openEndpoint } from '../../http/endpoint'
import { queryParameters } from '../../http/parameters'
import { invitationOf } from '../../people/accounts'

const query = object({ token: string().max(200).default('') })

/** Whom a link invites. */
export default openEndpoint(({ event, db }) => invitationOf(db, queryParameters(event, query).token, Date.now()))
