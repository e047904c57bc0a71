import type { IncomingMessage, OutgoingHttpHeaders, ServerResponse } from 'node:http'
import { encodingFor } from '../http/encoding'
import { isSameTag } from '../http/etag'
import { securityHeaders } from '../http/security-headers'
import { encodings } from './kept-documents'
import type { Encoding, ReadyDocument } from './kept-documents'

/**
 * How long others may show a page without asking: browsers ask each time, and hear that it is still
 * the same; a proxy asks once a second (RFC 9111, 5.2.2.10).
 */
export const freshness = 'public, max-age=0, s-maxage=1, must-revalidate'

type Asked = Pick<IncomingMessage, 'headers' | 'method'>
type Answered = Pick<ServerResponse, 'removeHeader' | 'writeHead' | 'end'>

/** Sends a document in the encoding that is wanted, or says that who asks has it already. */
export async function sendDocument(
  request: Asked,
  response: Answered,
  document: ReadyDocument,
): Promise<void> {
  const encoding = wantedEncoding(request)
  answer(request, response, document, encoding, await document.body(encoding))
}

/** As `sendDocument`, at once; false where the document was not made in that encoding yet. */
export function sendReady(request: Asked, response: Answered, document: ReadyDocument): boolean {
  const encoding = wantedEncoding(request)
  const body = document.bodyNow(encoding)
  if (body !== null) answer(request, response, document, encoding, body)
  return body !== null
}

function wantedEncoding({ headers }: Asked): Encoding {
  const accepted = headers['accept-encoding']
  return encodingFor(typeof accepted === 'string' ? accepted : '', encodings)
}

/** RFC 9110, 13.1.2 and 15.4.5 for who has it already. */
function answer(
  { headers, method }: Asked,
  response: Answered,
  document: ReadyDocument,
  encoding: Encoding,
  body: Buffer,
): void {
  if (isSameTag(headers['if-none-match'], document.etag)) {
    response.removeHeader('content-type')
    response.writeHead(304, headersOf(document))
    response.end()
    return
  }
  response.writeHead(200, {
    ...headersOf(document),
    'content-type': 'text/html; charset=utf-8',
    'content-length': body.length,
    ...(encoding === 'identity' ? {} : { 'content-encoding': encoding }),
  })
  response.end(method === 'HEAD' ? undefined : body)
}

function headersOf({ etag, policy }: ReadyDocument): OutgoingHttpHeaders {
  return {
    ...securityHeaders,
    'cache-control': freshness,
    etag,
    vary: 'accept-encoding',
    'content-security-policy': policy,
  }
}
