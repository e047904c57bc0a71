/**
 * The names that this site answers to, as BUSHEL_HOSTS lists them: `example.org, www.example.org`.
 * Empty for any.
 */
const hosts = new Set(
  (process.env.BUSHEL_HOSTS ?? '')
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter((host) => host !== ''),
)

/** Whether a request for this host, with its port or without, is for this site. */
export function isOwnHost(given = ''): boolean {
  if (hosts.size === 0) return true
  const host = given.toLowerCase()
  return hosts.has(host) || hosts.has(host.replace(/:\d+$/, ''))
}
