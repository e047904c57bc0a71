import { Problem } from '../http/problem'
import type { Db } from '../db/client'
import { countTry, forgiveTry } from './limiters'
import type { Trial } from './limiters'
import { hashPassword, passwordMatches } from './passwords'

/** Who tries: where from, and whether the browser signed in at this address before. */
export interface Trying {
  readonly client: string
  readonly isKnownDevice: boolean
}

let decoy: Promise<string> | undefined

/** An address as it is compared. */
export function plainEmail(email: string): string {
  return email.trim().toLowerCase()
}

/**
 * The id of the account with this address and password. Throws 401 for a wrong one, without saying
 * which of the two was wrong and in the same time, and 429 after too many failed tries: of the client,
 * and of everybody at the address; whoever signed in there before has tries of their own.
 */
export async function checkSignIn(
  db: Db,
  input: { readonly email: string; readonly password: string },
  trying: Trying,
): Promise<string> {
  const email = plainEmail(input.email)
  const trials = trialsOf(email, trying)
  await countTry(db, trials)
  const account = await db
    .selectFrom('accounts')
    .select(['id', 'password_hash'])
    .where('email', '=', email)
    .where('closed_at', 'is', null)
    .executeTakeFirst()
  decoy ??= hashPassword('nobody')
  const matches = await passwordMatches(input.password, account?.password_hash ?? (await decoy))
  if (account === undefined || !matches)
    throw new Problem(
      401,
      'Not signed in',
      'The address or the password is not right. Check both and try again.',
    )
  await forgiveTry(db, trials)
  return account.id
}

function trialsOf(email: string, { client, isKnownDevice }: Trying): readonly Trial[] {
  if (isKnownDevice) return [{ limit: 'knownDevice', subject: `${client} ${email}` }]
  return [
    { limit: 'client', subject: client },
    { limit: 'clientAtAccount', subject: `${client} ${email}` },
    { limit: 'account', subject: email },
  ]
}
