import { getHeader } from 'h3'
import type { H3Event } from 'h3'
import { isTooMuchJson, jsonFault, jsonLimits } from '../../core/json-limits'
import { Problem, refused } from './problem'

/**
 * The JSON of a request's body, of at most `most` bytes. Throws a Problem for what is no JSON, is
 * too large, or holds what nothing could keep.
 */
export async function readJson(event: H3Event, most: number = jsonLimits.bytes): Promise<unknown> {
  if (!(getHeader(event, 'content-type') ?? '').startsWith('application/json'))
    throw new Problem(415, 'Not JSON', 'Send the body as application/json.')
  const text = (await readBytes(event, most)).toString('utf8')
  if (isTooMuchJson(text))
    throw new Problem(
      413,
      'Too large',
      'This holds more values, or more within each other, than anything here. Send less.',
    )
  const value = parsed(text)
  const fault = jsonFault(value)
  if (fault !== null) throw refused([fault])
  return value
}

/** As `readJson`, for what anybody may send without being signed in. */
export function readOpenJson(event: H3Event): Promise<unknown> {
  return readJson(event, jsonLimits.openBytes)
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new Problem(400, 'Not JSON', 'The body is not valid JSON.')
  }
}

/**
 * The bytes of a request's body. Throws 400 for none and 413 for more than `most`: at once where the
 * length is declared, else as soon as too many have come. What comes after is not kept.
 */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  if (Number(getHeader(event, 'content-length') ?? 0) > most) throw tooLarge(event, most)
  const request = event.node.req
  const bytes = await new Promise<Buffer>((resolve, reject) => {
    const chunks: Buffer[] = []
    let length = 0
    request.on('data', (chunk: Buffer) => {
      length += chunk.length
      if (length <= most) return chunks.push(chunk)
      request.removeAllListeners('data').pause()
      return reject(tooLarge(event, most))
    })
    request.once('end', () => resolve(Buffer.concat(chunks, length)))
    request.once('error', () => reject(new Problem(400, 'Cut off', 'The request ended before it was whole.')))
    request.once('close', () => reject(new Problem(400, 'Cut off', 'The request ended before it was whole.')))
  })
  if (bytes.length === 0) throw new Problem(400, 'Empty', 'The request holds nothing.')
  return bytes
}

/**
 * So long, in milliseconds, what still comes is thrown away after the answer, so that the answer is
 * not lost with the connection.
 */
const lingering = 500

/** What is left of the body is not kept: the connection ends once the answer is given. */
function tooLarge(event: H3Event, most: number): Problem {
  const { req, res } = event.node
  res.once('finish', () => {
    req.resume()
    setTimeout(() => req.destroy(), lingering)
  })
  return new Problem(
    413,
    'Too large',
    most >= 1e6
      ? `Send at most ${Math.round(most / 1e6)} MB at once.`
      : `Send at most ${Math.round(most / 1000)} kB at once.`,
  )
}
