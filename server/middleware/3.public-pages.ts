import { randomUUID } from 'node:crypto'
import {
  defineEventHandler,
  getCookie,
  getRequestURL,
  sendRedirect,
  setCookie,
  setResponseHeader,
  setResponseStatus,
} from 'h3'
import type { H3Event } from 'h3'
import { isStorable } from '../../core/storable'
import { decodedPath } from '../http/decoded-path'
import { problemOf } from '../http/endpoint'
import { keptDocuments } from '../pages/live-documents'
import { contentPolicy } from '../http/content-policy'
import { failureDocument } from '../pages/failure-document'
import { sendDocument } from '../pages/send-document'

/** What is not a public page: the bench, the API, files and streams. */
const elsewhere = /^\/(?:bench|api|media|live|code|sitemap\.xml|robots\.txt|_[a-z]+)(?:[/?]|$)|^\/__/

/** Answers every other address with a public page, or the page that says there is none. */
export default defineEventHandler(async (event) => {
  const { pathname, searchParams } = getRequestURL(event)
  if ((event.method !== 'GET' && event.method !== 'HEAD') || elsewhere.test(pathname)) return
  const path = decodedPath(pathname.length > 1 ? pathname.replace(/\/+$/, '') : pathname)
  const query = onceEach(searchParams)
  setResponseHeader(event, 'content-type', 'text/html; charset=utf-8')
  setResponseHeader(event, 'cache-control', 'no-cache')
  try {
    return await documentFor(event, path, query)
  } catch (error) {
    const { status } = problemOf(error)
    if (status === 503) setResponseHeader(event, 'retry-after', 30)
    setResponseStatus(event, status)
    setResponseHeader(event, 'content-security-policy', contentPolicy(''))
    return failureDocument(path, status === 503)
  }
})

async function documentFor(event: H3Event, path: string, query: URLSearchParams): Promise<unknown> {
  const [documents, now] = [keptDocuments(), Date.now()]
  const answer = await documents.answer(path, query, now)
  if (answer.kind === 'document') return sendDocument(event.node.req, event.node.res, answer.document)
  const known = getCookie(event, visitCookie)
  const visit = known ?? randomUUID()
  const own = answer.kind === 'other' ? answer.answer : await documents.forVisit(path, query, now, visit)
  if (own.status === 301) return sendRedirect(event, own.address, 301)
  // Set only where something is shuffled for a visit, and forgotten with it: it names nobody.
  if (own.status === 200) {
    setResponseHeader(event, 'cache-control', 'private, no-cache')
    if (known === undefined)
      setCookie(event, visitCookie, visit, { path: '/', httpOnly: true, sameSite: 'lax' })
  }
  setResponseHeader(
    event,
    'content-security-policy',
    contentPolicy(own.css, own.status === 200 && own.isFramed),
  )
  setResponseStatus(event, own.status)
  return own.html
}

const visitCookie = 'visit'

/** Each value of an address once, the first of its name, and only what could stand anywhere. */
function onceEach(given: URLSearchParams): URLSearchParams {
  const query = new URLSearchParams()
  for (const [name, value] of given) if (!query.has(name) && isStorable(name + value)) query.set(name, value)
  return query
}
