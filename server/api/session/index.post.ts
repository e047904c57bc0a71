import { object, string } from 'yup'
import { parseWith } from '../../../core/parsing'
import { readOpenJson } from '../../http/body'
import { openEndpoint } from '../../http/endpoint'
import { accepted } from '../../http/problem'
import { accountOf, openSession } from '../../people/session'
import { checkSignIn, plainEmail } from '../../people/sign-in'
import { clientOf } from '../../http/clients'
import { isKnownDevice, markDevice } from '../../people/known-device'

const schema = object({
  email: string().required('Type your address.').max(254, 'An address has at most 254 characters.'),
  password: string().required('Type your password.').max(1000, 'A password has at most 1,000 characters.'),
})
  .noUnknown()
  .required()

/** Signs in. */
export default openEndpoint(async ({ event, db }) => {
  const input = accepted(parseWith(schema, await readOpenJson(event)))
  const email = plainEmail(input.email)
  const accountId = await checkSignIn(db, input, {
    client: clientOf(event),
    isKnownDevice: isKnownDevice(event, email),
  })
  markDevice(event, email)
  await openSession(event, db, accountId)
  return (await accountOf(event, db)) ?? null
})
