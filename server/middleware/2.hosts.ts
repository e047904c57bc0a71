import { defineEventHandler, getHeader, setResponseHeader, setResponseStatus } from 'h3'
import { isOwnHost } from '../http/hosts'

/** Refuses what asks for another site (RFC 9110, 15.5.20). */
export default defineEventHandler((event) => {
  if (isOwnHost(getHeader(event, 'host'))) return
  setResponseStatus(event, 421)
  setResponseHeader(event, 'content-type', 'text/plain; charset=utf-8')
  return 'This server does not answer for that name.'
})
