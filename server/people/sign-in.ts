import { Problem } from '../http/problem'
import type { Db } from '../db/client'
import { hashPassword, passwordMatches } from './passwords'

/** Failures within this time count. */
const remembered = 15 * 60_000
/** So many may fail before each further try has to wait. */
const freeTries = 3
const longestWait = 5 * 60_000

/** How long after the last of `failures` the next try may come, in milliseconds: doubles each time. */
export function waitAfter(failures: number): number {
  if (failures < freeTries) return 0
  return Math.min(longestWait, 1000 * 2 ** (failures - freeTries))
}

let decoy: Promise<string> | undefined

/**
 * The id of the account with this address and password. Throws 401 for a wrong one, without saying
 * which of the two was wrong and in the same time, and 429 when it is too soon after failed tries.
 * Failures are counted by address typed, whether or not there is such an account.
 */
export async function checkSignIn(db: Db, input: { email: string; password: string }, now: number): Promise<string> {
  const email = input.email.trim().toLowerCase()
  await refuseTooSoon(db, email, now)
  const account = await db
    .selectFrom('accounts')
    .select(['id', 'password_hash'])
    .where('email', '=', email)
    .where('closed_at', 'is', null)
    .executeTakeFirst()
  decoy ??= hashPassword('nobody')
  const matches = await passwordMatches(input.password, account?.password_hash ?? (await decoy))
  if (account === undefined || !matches) {
    await db.insertInto('sign_in_failures').values({ subject: email, failed_at: new Date(now) }).execute()
    throw new Problem(401, 'Not signed in', 'The address or the password is not right. Check both and try again.')
  }
  await db.deleteFrom('sign_in_failures').where('subject', '=', email).execute()
  return account.id
}

async function refuseTooSoon(db: Db, subject: string, now: number): Promise<void> {
  await db.deleteFrom('sign_in_failures').where('failed_at', '<', new Date(now - remembered)).execute()
  const { failures, last } = await db
    .selectFrom('sign_in_failures')
    .select(({ fn }) => [fn.countAll<number>().as('failures'), fn.max('failed_at').as('last')])
    .where('subject', '=', subject)
    .executeTakeFirstOrThrow()
  const wait = last === null ? 0 : last.getTime() + waitAfter(failures) - now
  if (wait > 0)
    throw new Problem(429, 'Too many tries', `Wait ${Math.ceil(wait / 1000)} seconds, then try again.`)
}
