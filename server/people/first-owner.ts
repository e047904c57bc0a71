import { createHmac, timingSafeEqual } from 'node:crypto'
import { sql } from 'kysely'
import { parseFirstOwner } from '../../core/people'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { Problem, accepted, refused } from '../http/problem'
import { hashPassword } from './passwords'
import { plainEmail } from './sign-in'

/** Whether nobody has an account yet. */
export async function isWithoutOwner(db: Db): Promise<boolean> {
  return (await db.selectFrom('accounts').select('id').limit(1).executeTakeFirst()) === undefined
}

/**
 * The code that whoever reads the server's messages begins with: the same at each of its servers,
 * of no use once there is an account.
 */
export function startCode(): string {
  const digest = createHmac('sha256', process.env.BUSHEL_SECRET ?? '')
    .update('the first owner')
    .digest('hex')
    .slice(0, 12)
  return digest.match(/.{4}/g)?.join('-') ?? digest
}

/**
 * Makes the account of the first owner; gives its id. Throws 422 for a wrong code, 404 once there
 * is an account.
 */
export async function makeFirstOwner(db: Db, input: unknown): Promise<string> {
  const { code, name, email, password } = accepted(parseFirstOwner(input))
  if (!(await isWithoutOwner(db))) throw alreadyOwned()
  const [given, expected] = [Buffer.from(code.trim().toLowerCase()), Buffer.from(startCode())]
  if (given.length !== expected.length || !timingSafeEqual(given, expected))
    throw refused([
      { path: 'code', message: 'This is not the code. It stands in what the server wrote when it started.' },
    ])
  const hash = await hashPassword(password)
  return transact(db, async (trx) => {
    await sql`select pg_advisory_xact_lock(hashtext('owners'))`.execute(trx)
    if (!(await isWithoutOwner(trx))) throw alreadyOwned()
    const { id } = await trx
      .insertInto('accounts')
      .values({ email: plainEmail(email), name, role: 'owner', password_hash: hash })
      .returning('id')
      .executeTakeFirstOrThrow()
    return id
  })
}

function alreadyOwned(): Problem {
  return new Problem(404, 'Not found', 'This site has an owner already. Ask them for an invitation.')
}
