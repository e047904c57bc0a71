import type { ProblemDetails } from '~~/core/problem'

/** What the server answered when it could not do what was asked, or could not be reached. */
export class RequestProblem extends Error {
  constructor(readonly details: ProblemDetails) {
    super(details.detail)
    this.name = 'RequestProblem'
  }

  /** The message for a field, or null when it is not that which is wrong. */
  faultAt(path: string): string | null {
    return this.details.faults.find((fault) => fault.path === path)?.message ?? null
  }
}

const unreachable: ProblemDetails = {
  status: 0,
  title: 'No connection',
  detail: 'The server cannot be reached. What you did is kept here and sent when it is back.',
  faults: [],
}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE'

/** Asks the server. Throws RequestProblem for everything but a good answer. */
export async function request<T>(method: Method, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const answer = await send(method, path, body, signal)
  const content: unknown = await answer.json().catch(() => null)
  if (answer.ok) return content as T
  throw new RequestProblem(isProblem(content) ? content : { ...unreachable, status: answer.status })
}

async function send(method: Method, path: string, body: unknown, signal: AbortSignal | undefined): Promise<Response> {
  try {
    return await fetch(path, {
      method,
      signal,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new RequestProblem(unreachable)
  }
}

function isProblem(content: unknown): content is ProblemDetails {
  return typeof content === 'object' && content !== null && 'detail' in content && 'faults' in content
}
