import { defineEventHandler, setResponseHeader, setResponseStatus } from 'h3'
import type { EventHandler, H3Event } from 'h3'
import type { ProblemDetails } from '../../core/problem'
import { database } from '../db/client'
import type { Db } from '../db/client'
import { includesRole } from '../../core/people'
import type { Role } from '../../core/people'
import { accountOf } from '../people/session'
import type { Account } from '../people/session'
import { Problem } from './problem'
import { whileAwaited } from '../db/awaited'
import { databaseFailure } from '../db/failures'
import type { DatabaseFailure } from '../db/failures'

export interface Request {
  readonly event: H3Event
  readonly db: Db
}

/** An API endpoint anybody may call. Problems become RFC 9457 answers; anything else is logged, 500. */
export function openEndpoint<T>(handle: (request: Request) => Promise<T>): EventHandler {
  return defineEventHandler(async (event) => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      return await handle({ event, db: database() })
    } catch (error) {
      return problemAnswer(event, error)
    }
  })
}

/** An API endpoint of the bench: only for signed-in people whose role includes `role`. */
export function benchEndpoint<T>(
  role: Role,
  handle: (request: Request & { readonly account: Account }) => Promise<T>,
): EventHandler {
  return openEndpoint(async (request) => {
    const account = await accountOf(request.event, request.db)
    if (account === null)
      throw new Problem(401, 'Not signed in', 'Sign in to go on; what you typed is still here.')
    if (!includesRole(account.role, role))
      throw new Problem(403, 'Not allowed', `This needs the role “${role}”; yours is “${account.role}”.`)
    return handle({ ...request, account })
  })
}

/**
 * A question of the bench that changes nothing: what the database does for it ends when nobody
 * waits for it any more.
 */
export function questionEndpoint<T>(
  role: Role,
  handle: (request: Request & { readonly account: Account }) => Promise<T>,
): EventHandler {
  return benchEndpoint(role, (request) =>
    whileAwaited(
      (giveUp) =>
        request.event.node.res.once('close', () => request.event.node.res.writableFinished || giveUp()),
      () => handle(request),
    ),
  )
}

function problemAnswer(event: H3Event, error: unknown): ProblemDetails {
  const problem = problemOf(error)
  if (problem.status === 503) setResponseHeader(event, 'retry-after', 5)
  setResponseStatus(event, problem.status)
  setResponseHeader(event, 'content-type', 'application/problem+json')
  return problem.details
}

/** What the database could not do, in words; null where it is not that. */
const failures: Record<DatabaseFailure, readonly [status: number, title: string, detail: string]> = {
  lost: [
    503,
    'The database is away',
    'The database cannot be reached just now. Nothing was changed; what you typed is still here. Try again in a moment.',
  ],
  full: [
    507,
    'No room left',
    'The disk of the server is full. Nothing was changed. Free some room there, then try again.',
  ],
  heavy: [
    422,
    'Too much at once',
    'The database was at it too long and was stopped. Ask for less: fewer rules, or fields that are set up to be filtered and sorted by.',
  ],
  crossed: [
    409,
    'Changed meanwhile',
    'Somebody changed the same thing at the same moment. Nothing of yours was written. Try again.',
  ],
}

/**
 * The problem that an error is told as: its own, the database's, or one that nobody foresaw, which
 * is logged.
 */
export function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error
  const failure = databaseFailure(error)
  if (failure === null) return unexpected(error)
  if (failure !== 'heavy') console.warn(`The database: ${String(error)}`)
  return new Problem(...failures[failure])
}

function unexpected(error: unknown): Problem {
  console.error(error)
  return new Problem(
    500,
    'Something failed here',
    'The server could not do this. Nothing was changed. Try again.',
  )
}
