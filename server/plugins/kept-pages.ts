import type { IncomingMessage, ServerResponse } from 'node:http'
import { defineNitroPlugin } from 'nitropack/runtime'
import { isOwnHost } from '../http/hosts'
import { keptDocuments } from '../pages/live-documents'
import { sendReady } from '../pages/send-document'

/** Addresses that stand for themselves: nothing asked, nothing encoded, no slash at the end. */
const plainAddress = /^\/(?:[\w.~-]+(?:\/[\w.~-]+)*)?$/

/**
 * Answers with pages that are kept before anything else looks at the request: what there is to decide
 * about them was decided when they were made. All others go the usual way.
 */
export default defineNitroPlugin(({ h3App }) => {
  const others = h3App.handler
  h3App.handler = Object.assign(
    (event: Parameters<typeof others>[0]) =>
      isSent(event.node.req, event.node.res) ? undefined : others(event),
    others,
  )
})

function isSent(request: IncomingMessage, response: ServerResponse): boolean {
  const { method, url = '', headers } = request
  if ((method !== 'GET' && method !== 'HEAD') || !plainAddress.test(url) || !isOwnHost(headers.host))
    return false
  const document = keptDocuments().keptNow(url, Date.now())
  return document !== null && sendReady(request, response, document)
}
