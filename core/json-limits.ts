import type { Fault } from './parsing'
import { unstorable } from './schemas'
import { isStorable } from './storable'

/** How much a JSON text may hold: what the largest entry and the largest page need, and room beside. */
export const jsonLimits = {
  /** Bytes of a body. */
  bytes: 4_000_000,
  /** Bytes of a body that anybody may send. */
  openBytes: 20_000,
  /** Arrays and objects within each other. */
  depth: 48,
  values: 300_000,
  /** Values of one array. */
  items: 20_000,
  /** Characters of the name of a value. */
  name: 200,
} as const

/**
 * Whether a JSON text nests too deep or holds too many values: told before it is parsed, without
 * making any of them.
 */
export function isTooMuchJson(text: string): boolean {
  let [depth, values, inText] = [0, 0, false]
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at)
    if (inText) {
      if (code === backslash) at += 1
      else if (code === quote) inText = false
      continue
    }
    if (code === quote) inText = true
    else if (code === comma || code === colon) values += 1
    else if (code === openBracket || code === openBrace) [depth, values] = [depth + 1, values + 1]
    else if (code === closeBracket || code === closeBrace) depth -= 1
    if (depth > jsonLimits.depth || values > jsonLimits.values) return true
  }
  return false
}

const [quote, backslash, comma, colon, openBracket, closeBracket, openBrace, closeBrace] = Array.from(
  '"\\,:[]{}',
  (sign) => sign.charCodeAt(0),
)

/** What no program here could keep or compare, whatever it was meant for; null for nothing. */
export function jsonFault(value: unknown, path = ''): Fault | null {
  if (typeof value === 'string') return isStorable(value) ? null : { path, message: unstorable }
  if (typeof value === 'number')
    return Number.isFinite(value) ? null : { path, message: 'This number is too large.' }
  if (typeof value !== 'object' || value === null) return null
  if (Array.isArray(value)) return itemsFault(value, path)
  for (const [name, one] of Object.entries(value)) {
    const fault = nameFault(name, path) ?? jsonFault(one, path === '' ? name : `${path}.${name}`)
    if (fault !== null) return fault
  }
  return null
}

function itemsFault(items: readonly unknown[], path: string): Fault | null {
  if (items.length > jsonLimits.items)
    return { path, message: `Send at most ${jsonLimits.items.toLocaleString('en')} of these at once.` }
  for (const [at, one] of items.entries()) {
    const fault = jsonFault(one, `${path}[${at}]`)
    if (fault !== null) return fault
  }
  return null
}

/** Names that every object has of itself would stand for something else than what is sent. */
function nameFault(name: string, path: string): Fault | null {
  return name.length > jsonLimits.name || name in Object.prototype || !isStorable(name)
    ? { path, message: 'A value here has a name that nothing can have.' }
    : null
}
