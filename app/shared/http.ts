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
  detail: 'The server cannot be reached. Try again when the connection is back.',
  faults: [],
}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE'

/** Lets somebody whose session ended sign in again; false where they would rather not. */
type SignInAgain = () => Promise<boolean>

let signInAgain: SignInAgain = () => Promise.resolve(false)

/** What happens when the server does not know any more who asks. */
export function whenSignedOut(handler: SignInAgain): void {
  signInAgain = handler
}

/**
 * Asks the server, again once somebody who was signed out meanwhile has signed in. Throws
 * RequestProblem for everything but a good answer.
 */
export async function request<T>(
  method: Method,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const answer = await send(method, path, body, signal)
  if (answer.status === 401 && path.startsWith('/api/bench/') && (await signInAgain()))
    return request(method, path, body, signal)
  const content: unknown = await answer.json().catch(() => null)
  if (answer.ok) return content as T
  throw new RequestProblem(isProblem(content) ? content : { ...unreachable, status: answer.status })
}

async function send(
  method: Method,
  path: string,
  body: unknown,
  signal: AbortSignal | undefined,
): Promise<Response> {
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

/**
 * Sends a file's bytes; `tell` hears how far it is, 0 to 1. Throws RequestProblem for everything
 * but a good answer, and AbortError where it was given up.
 */
export async function uploadFile<T>(
  path: string,
  file: File,
  tell: (done: number) => void,
  signal: AbortSignal,
): Promise<T> {
  const { status, content } = await sendFile(path, file, tell, signal)
  if (status === 401 && (await signInAgain())) return uploadFile(path, file, tell, signal)
  if (status >= 200 && status < 300) return content as T
  throw new RequestProblem(isProblem(content) ? content : { ...unreachable, status })
}

/** By the older way of sending, as the newer does not tell how far it is. */
function sendFile(
  path: string,
  file: File,
  tell: (done: number) => void,
  signal: AbortSignal,
): Promise<{ readonly status: number; readonly content: unknown }> {
  return new Promise((resolve, reject) => {
    const sending = new XMLHttpRequest()
    sending.open('POST', path)
    sending.responseType = 'json'
    sending.setRequestHeader('content-type', 'application/octet-stream')
    sending.upload.onprogress = (event) => event.lengthComputable && tell(event.loaded / event.total)
    sending.onerror = () => reject(new RequestProblem(unreachable))
    sending.onabort = () => reject(new DOMException('Given up.', 'AbortError'))
    sending.onload = () => resolve({ status: sending.status, content: sending.response as unknown })
    signal.addEventListener('abort', () => sending.abort(), { once: true })
    sending.send(file)
  })
}
