import { useSession } from 'h3'
import type { H3Event, SessionConfig } from 'h3'
import type { Db } from '../db/client'
import type { Role } from '../../core/people'

/** A signed-in person. */
export interface Account {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: Role
}

const secondsSignedIn = 14 * 24 * 3600

/** The cookie is sealed (encrypted and signed) and holds only the id of a session kept in the database. */
function sessionConfig(): SessionConfig {
  const password = process.env.BUSHEL_SECRET ?? ''
  if (password.length < 32) throw new Error('BUSHEL_SECRET must be set and have 32 characters or more.')
  return {
    name: 'bushel',
    password,
    maxAge: secondsSignedIn,
    cookie: { httpOnly: true, sameSite: 'lax', path: '/', secure: process.env.BUSHEL_HTTPS === '1' },
  }
}

/** The id of the request's session, whether or not it is still good. */
export async function sessionIdOf(event: H3Event): Promise<string | undefined> {
  return (await useSession<{ sessionId?: string }>(event, sessionConfig())).data.sessionId
}

/** The person a request comes from, or null when nobody is signed in. */
export async function accountOf(event: H3Event, db: Db): Promise<Account | null> {
  const sessionId = await sessionIdOf(event)
  if (sessionId === undefined) return null
  const account = await db
    .selectFrom('account_sessions as s')
    .innerJoin('accounts as a', 'a.id', 's.account_id')
    .select(['a.id', 'a.name', 'a.email', 'a.role'])
    .where('s.id', '=', sessionId)
    .where('s.expires_at', '>', new Date())
    .where('a.closed_at', 'is', null)
    .executeTakeFirst()
  return account ?? null
}

/** Opens a session for an account and gives the browser its cookie; a session there was is ended. */
export async function openSession(event: H3Event, db: Db, accountId: string): Promise<void> {
  await closeSession(event, db)
  const { id } = await db
    .insertInto('account_sessions')
    .values({ account_id: accountId, expires_at: new Date(Date.now() + secondsSignedIn * 1000) })
    .returning('id')
    .executeTakeFirstOrThrow()
  const session = await useSession<{ sessionId?: string }>(event, sessionConfig())
  await session.update({ sessionId: id })
}

/** Ends the request's session, here and in the database. */
export async function closeSession(event: H3Event, db: Db): Promise<void> {
  const session = await useSession<{ sessionId?: string }>(event, sessionConfig())
  const { sessionId } = session.data
  if (sessionId !== undefined) await db.deleteFrom('account_sessions').where('id', '=', sessionId).execute()
  await session.clear()
}
