import { demoAccount } from '../../demo/account'
import type { Db } from '../db/client'
import { passwordMatches } from './passwords'

/** What was found out of a hash stays true of it. */
const known = new Map<string, Promise<boolean>>()

/** Whether the demo's account is there, open, and still has the password that the demo came with. */
export async function isDemoOpen(db: Db): Promise<boolean> {
  const account = await db
    .selectFrom('accounts')
    .select('password_hash')
    .where('email', '=', demoAccount.email)
    .where('closed_at', 'is', null)
    .executeTakeFirst()
  if (account === undefined) return false
  const { password_hash: hash } = account
  const found = known.get(hash) ?? passwordMatches(demoAccount.password, hash)
  known.clear()
  known.set(hash, found)
  return found
}
