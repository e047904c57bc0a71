import { defineEventHandler, getHeader, setResponseHeader, setResponseStatus } from 'h3'

/** The names that this site answers to, as BUSHEL_HOSTS lists them: `example.org, www.example.org`. Empty for any. */
const hosts = new Set(
  (process.env.BUSHEL_HOSTS ?? '')
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter((host) => host !== ''),
)

/** Refuses what asks for another site (RFC 9110, 15.5.20). */
export default defineEventHandler((event) => {
  const host = (getHeader(event, 'host') ?? '').toLowerCase()
  if (hosts.size === 0 || hosts.has(host) || hosts.has(host.replace(/:\d+$/, ''))) return
  setResponseStatus(event, 421)
  setResponseHeader(event, 'content-type', 'text/plain; charset=utf-8')
  return 'This server does not answer for that name.'
})
