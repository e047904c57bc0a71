import {
  defineEventHandler,
  getHeader,
  getRequestURL,
  setResponseHeader,
  setResponseHeaders,
  setResponseStatus,
} from 'h3'
import { onlyIn } from '../../core/pages/calendar-file'
import { calendarFiles } from '../calendar-files/live-files'
import { strictestPolicy } from '../http/content-policy'
import { decodedPath } from '../http/decoded-path'
import { problemOf } from '../http/endpoint'
import { isSameTag } from '../http/etag'
import { securityHeaders } from '../http/security-headers'
import { freshness } from '../pages/send-document'
import { siteOrigin } from '../site/origin'

/** Answers addresses that end in `.ics` with calendar files: of a listing to subscribe to, or of one event. */
export default defineEventHandler(async (event) => {
  const { pathname, searchParams } = getRequestURL(event)
  const isAsked = (event.method === 'GET' || event.method === 'HEAD') && pathname.endsWith('.ics')
  if (!isAsked || /^\/(?:bench|api|media|_[a-z]+)\//.test(pathname)) return
  setResponseHeaders(event, {
    ...securityHeaders,
    'cache-control': freshness,
    'content-security-policy': strictestPolicy,
  })
  try {
    const asked = { origin: await siteOrigin(event), now: Date.now(), only: onlyIn(searchParams) }
    const file = await calendarFiles().answer(decodedPath(pathname), asked)
    if (file === null) {
      setResponseStatus(event, 404)
      return ''
    }
    setResponseHeader(event, 'etag', file.etag)
    if (isSameTag(getHeader(event, 'if-none-match'), file.etag)) {
      setResponseStatus(event, 304)
      return ''
    }
    setResponseHeader(event, 'content-type', 'text/calendar; charset=utf-8')
    return file.text
  } catch (error) {
    const { status } = problemOf(error)
    if (status === 503) setResponseHeader(event, 'retry-after', 30)
    setResponseStatus(event, status)
    return ''
  }
})
