import { defineEventHandler, getHeader, readRawBody, setResponseHeader, setResponseStatus } from 'h3'
import type { EventHandler, H3Event } from 'h3'
import type { ProblemDetails } from '../../core/problem'
import { database } from '../db/client'
import type { Db } from '../db/client'
import { includesRole } from '../../core/people'
import type { Role } from '../../core/people'
import { accountOf } from '../people/session'
import type { Account } from '../people/session'
import { Problem } from './problem'

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
    if (account === null) throw new Problem(401, 'Not signed in', 'Sign in to go on; what you typed is still here.')
    if (!includesRole(account.role, role))
      throw new Problem(403, 'Not allowed', `This needs the role “${role}”; yours is “${account.role}”.`)
    return handle({ ...request, account })
  })
}

const largestBody = 4_000_000

/** The JSON of a request's body. Throws a Problem when there is none, or it is too large. */
export async function readJson(event: H3Event): Promise<unknown> {
  if (Number(getHeader(event, 'content-length') ?? 0) > largestBody)
    throw new Problem(413, 'Too large', 'Send at most 4 MB at once.')
  if (!(getHeader(event, 'content-type') ?? '').startsWith('application/json'))
    throw new Problem(415, 'Not JSON', 'Send the body as application/json.')
  try {
    return JSON.parse((await readRawBody(event, 'utf8')) ?? '')
  } catch {
    throw new Problem(400, 'Not JSON', 'The body is not valid JSON.')
  }
}

/**
 * The bytes of a request's body. Throws 400 for none and 413 for more than `most`: at once where the
 * length is declared, else as soon as too many have come.
 */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  const tooLarge = () => new Problem(413, 'Too large', `Send at most ${Math.round(most / 1e6)} MB at once.`)
  if (Number(getHeader(event, 'content-length') ?? 0) > most) throw tooLarge()
  const chunks: Buffer[] = []
  let length = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    length += chunk.length
    if (length > most) throw tooLarge()
    chunks.push(chunk)
  }
  if (length === 0) throw new Problem(400, 'Empty', 'The file is empty.')
  return Buffer.concat(chunks, length)
}

function problemAnswer(event: H3Event, error: unknown): ProblemDetails {
  const problem = error instanceof Problem ? error : unexpected(error)
  setResponseStatus(event, problem.status)
  setResponseHeader(event, 'content-type', 'application/problem+json')
  return problem.details
}

function unexpected(error: unknown): Problem {
  console.error(error)
  return new Problem(500, 'Something failed here', 'The server could not do this. Nothing was changed. Try again.')
}
