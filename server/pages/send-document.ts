import type { IncomingMessage, ServerResponse } from 'node:http'
import { encodingFor } from '../http/encoding'
import { encodings } from './kept-documents'
import type { ReadyDocument } from './kept-documents'

/**
 * How long others may show a page without asking: browsers ask each time, and hear that it is still
 * the same; a proxy asks once a second (RFC 9111, 5.2.2.10).
 */
const freshness = 'public, max-age=0, s-maxage=1, must-revalidate'

/** Sends a document in the encoding that is wanted, or says that who asks has it already (RFC 9110, 13.1.2 and 15.4.5). */
export async function sendDocument(request: IncomingMessage, response: ServerResponse, document: ReadyDocument): Promise<void> {
  const { headers } = request
  response.setHeader('cache-control', freshness)
  response.setHeader('etag', document.etag)
  response.setHeader('vary', 'accept-encoding')
  response.setHeader('content-security-policy', document.policy)
  if (isSame(headers['if-none-match'], document.etag)) {
    response.statusCode = 304
    response.removeHeader('content-type')
    response.end()
    return
  }
  const accepted = headers['accept-encoding']
  const encoding = encodingFor(typeof accepted === 'string' ? accepted : '', encodings)
  const body = await document.body(encoding)
  response.statusCode = 200
  response.setHeader('content-type', 'text/html; charset=utf-8')
  response.setHeader('content-length', body.length)
  if (encoding !== 'identity') response.setHeader('content-encoding', encoding)
  response.end(request.method === 'HEAD' ? undefined : body)
}

/** Whether one of the tags is the document's, or any will do; they are compared weakly (RFC 9110, 8.8.3.2). */
function isSame(tags: string | undefined, etag: string): boolean {
  if (tags === undefined) return false
  const plain = (tag: string) => tag.trim().replace(/^W\//, '')
  return tags.trim() === '*' || tags.split(',').some((tag) => plain(tag) === plain(etag))
}
