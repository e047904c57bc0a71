import { createHash, randomBytes } from 'node:crypto'
import { sql } from 'kysely'
import { object, string } from 'yup'
import { parseInvitationInput, parsePasswordChange, parseRole, passwordSchema } from '../../core/people'
import type { AccountRow, InvitationRow } from '../../core/people'
import { parseWith } from '../../core/parsing'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { Problem, accepted, missing, refused } from '../http/problem'
import { hashPassword, passwordMatches } from './passwords'

const invitationLasts = 7 * 24 * 3600_000

/** The open accounts, with when each was last signed in to. */
export async function accountRows(db: Db): Promise<readonly AccountRow[]> {
  const rows = await db
    .selectFrom('accounts as a')
    .select(['a.id', 'a.name', 'a.email', 'a.role'])
    .select(
      sql<Date | null>`(select max(created_at) from account_sessions s where s.account_id = a.id)`.as(
        'seen_at',
      ),
    )
    .where('a.closed_at', 'is', null)
    .orderBy('a.name')
    .execute()
  return rows.map(({ seen_at: seenAt, ...row }) => ({ ...row, seenAt: seenAt?.getTime() ?? null }))
}

/** The invitations that are still good. */
export async function invitationRows(db: Db, now: number): Promise<readonly InvitationRow[]> {
  const rows = await db
    .selectFrom('invitations')
    .select(['id', 'name', 'email', 'role', 'expires_at'])
    .where('used_at', 'is', null)
    .where('expires_at', '>', new Date(now))
    .orderBy('created_at', 'desc')
    .execute()
  return rows.map(({ expires_at: expiresAt, ...row }) => ({ ...row, expiresAt: expiresAt.getTime() }))
}

/**
 * Invites somebody: gives the token of the link that lets them in once, within seven days. Only its
 * hash is kept, so the link can't be read from the database. Inviting an address again ends the
 * earlier invitation.
 */
export async function invite(
  db: Db,
  input: unknown,
  inviter: { readonly id: string },
  now: number,
): Promise<{ readonly token: string }> {
  const { email, name, role } = accepted(parseInvitationInput(input))
  const address = email.toLowerCase()
  const token = randomBytes(24).toString('base64url')
  await transact(db, async (trx) => {
    const known = await trx
      .selectFrom('accounts')
      .select('id')
      .where('email', '=', address)
      .where('closed_at', 'is', null)
      .executeTakeFirst()
    if (known) throw refused([{ path: 'email', message: 'This address has an account already.' }])
    await trx.deleteFrom('invitations').where('email', '=', address).where('used_at', 'is', null).execute()
    await trx
      .insertInto('invitations')
      .values({
        token_hash: hashOf(token),
        email: address,
        name,
        role,
        invited_by: inviter.id,
        expires_at: new Date(now + invitationLasts),
      })
      .execute()
  })
  return { token }
}

/** Ends an invitation that was not used. */
export async function withdrawInvitation(db: Db, id: string): Promise<void> {
  const gone = await db
    .deleteFrom('invitations')
    .where('id', '=', id)
    .where('used_at', 'is', null)
    .returning('id')
    .executeTakeFirst()
  if (!gone) throw missing('The invitation')
}

/** Whom a link invites. Throws 404 for one that was used, is too old or was never given. */
export async function invitationOf(
  db: Db,
  token: string,
  now: number,
): Promise<{ readonly name: string; readonly email: string }> {
  const row = await openInvitation(db, token, now)
  return { name: row.name, email: row.email }
}

async function openInvitation(db: Db, token: string, now: number) {
  const row = await db
    .selectFrom('invitations')
    .select(['id', 'name', 'email', 'role'])
    .where('token_hash', '=', hashOf(token))
    .where('used_at', 'is', null)
    .where('expires_at', '>', new Date(now))
    .executeTakeFirst()
  if (!row) throw new Problem(404, 'Not found', 'This invitation was used, or is too old. Ask for another.')
  return row
}

const acceptanceSchema = object({ token: string().required().max(200), password: passwordSchema })
  .noUnknown()
  .required()

/**
 * Makes the account that a link invites to, with the password chosen. A closed account of the
 * address opens again. Gives its id.
 */
export async function acceptInvitation(db: Db, input: unknown, now: number): Promise<string> {
  const { token, password } = accepted(parseWith(acceptanceSchema, input))
  // Hashing takes its time: not before it is known that there is such an invitation.
  await openInvitation(db, token, now)
  const hash = await hashPassword(password)
  return transact(db, async (trx) => {
    const { id, name, email, role } = await openInvitation(trx, token, now)
    const used = await trx
      .updateTable('invitations')
      .set({ used_at: new Date(now) })
      .where('id', '=', id)
      .where('used_at', 'is', null)
      .returning('id')
      .executeTakeFirst()
    if (!used)
      throw new Problem(404, 'Not found', 'This invitation was used, or is too old. Ask for another.')
    const account = await trx
      .insertInto('accounts')
      .values({ email, name, role, password_hash: hash })
      .onConflict((on) =>
        on.column('email').doUpdateSet({ name, role, password_hash: hash, closed_at: null }),
      )
      .returning('id')
      .executeTakeFirstOrThrow()
    await trx.deleteFrom('account_sessions').where('account_id', '=', account.id).execute()
    return account.id
  })
}

/** Changes one's own password, and ends every other session. Throws 422 for a wrong present one. */
export async function changePassword(
  db: Db,
  accountId: string,
  sessionId: string,
  input: unknown,
): Promise<void> {
  const { current, next } = accepted(parsePasswordChange(input))
  const account = await db
    .selectFrom('accounts')
    .select('password_hash')
    .where('id', '=', accountId)
    .executeTakeFirstOrThrow()
  if (!(await passwordMatches(current, account.password_hash)))
    throw refused([{ path: 'current', message: 'This is not your present password.' }])
  const hash = await hashPassword(next)
  await transact(db, async (trx) => {
    await trx.updateTable('accounts').set({ password_hash: hash }).where('id', '=', accountId).execute()
    await trx
      .deleteFrom('account_sessions')
      .where('account_id', '=', accountId)
      .where('id', '<>', sessionId)
      .execute()
  })
}

/** Gives an account another role. There is always an owner left. */
export async function setRole(db: Db, id: string, input: unknown): Promise<void> {
  const { role } = accepted(parseRole(input))
  await transact(db, async (trx) => {
    await lockOwners(trx)
    const row = await trx
      .updateTable('accounts')
      .set({ role })
      .where('id', '=', id)
      .where('closed_at', 'is', null)
      .returning('id')
      .executeTakeFirst()
    if (!row) throw missing('The account')
    await refuseWithoutOwner(trx)
  })
}

/** Closes an account or opens it again, ending its sessions. There is always an owner left. */
export async function setAccountClosed(db: Db, id: string, closed: boolean): Promise<void> {
  await transact(db, async (trx) => {
    await lockOwners(trx)
    const row = await trx
      .updateTable('accounts')
      .set({ closed_at: closed ? new Date() : null })
      .where('id', '=', id)
      .returning('id')
      .executeTakeFirst()
    if (!row) throw missing('The account')
    // Whichever of the two: nobody goes on with what was opened before.
    await trx.deleteFrom('account_sessions').where('account_id', '=', id).execute()
    await refuseWithoutOwner(trx)
  })
}

/** Two owners who take each other's role away at once wait for each other here. */
async function lockOwners(trx: Trx): Promise<void> {
  await sql`select pg_advisory_xact_lock(hashtext('owners'))`.execute(trx)
}

async function refuseWithoutOwner(trx: Trx): Promise<void> {
  const owner = await trx
    .selectFrom('accounts')
    .select('id')
    .where('role', '=', 'owner')
    .where('closed_at', 'is', null)
    .executeTakeFirst()
  if (!owner)
    throw refused([{ path: 'role', message: 'Somebody must stay owner. Make another person owner first.' }])
}

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex')
}
