import { memberOf } from './token-values'

/** A token as it stands in a file, what it refers to followed to its end. */
export interface FoundToken {
  /** Its groups and its name. */
  readonly path: readonly string[]
  /** Its own type, that of what it refers to, or that of the nearest group that has one. */
  readonly type: string | null
  readonly value: unknown
  /** Why it has no value, in words; null where it has. */
  readonly lost: string | null
}

/** How deep groups may lie, how far a token may refer on, and how many tokens are read. */
const deepest = 20
const farthest = 20
export const mostTokens = 5000

interface Raw {
  readonly path: readonly string[]
  /** The type that it states, and that of the nearest group that states one. */
  readonly own: string | null
  readonly inherited: string | null
  readonly value: unknown
}

/**
 * All tokens of a file, in its order (Design Tokens Format Module 2025.10): what has a `$value` is one, what
 * has none is a group, whose `$type` its tokens inherit; `{group.token}` as a value refers to another token,
 * which must not come back to itself.
 */
export function tokensIn(file: unknown): readonly FoundToken[] {
  const raw = rawIn(file, [], null)
  const byName = new Map(raw.map((one) => [one.path.join('.'), one]))
  return raw.map((one) => followed(one, byName))
}

function rawIn(group: unknown, path: readonly string[], inherited: string | null): readonly Raw[] {
  if (typeof group !== 'object' || group === null || Array.isArray(group) || path.length > deepest) return []
  const stated = memberOf(group, '$type')
  const own = typeof stated === 'string' ? stated : null
  if (Object.hasOwn(group, '$value')) return [{ path, own, inherited, value: memberOf(group, '$value') }]
  return Object.entries(group).flatMap(([name, member]) => {
    // A group may have a token of its own beside those within it.
    if (name === '$root') return rawIn(member, path, own ?? inherited)
    return name.startsWith('$') ? [] : rawIn(member, [...path, name], own ?? inherited)
  })
}

const reference = /^\{([^{}]+)\}$/

function followed(token: Raw, byName: ReadonlyMap<string, Raw>): FoundToken {
  const { path } = token
  const passed = [token]
  for (let at = token; ;) {
    const [, name] = (typeof at.value === 'string' && reference.exec(at.value)) || []
    const type = passed.find(({ own }) => own !== null)?.own ?? at.inherited
    if (name === undefined) return { path, type, value: at.value, lost: null }
    const next = byName.get(name)
    if (next === undefined) return { path, type, value: null, lost: `There is no token “${name}”.` }
    if (passed.includes(next))
      return { path, type, value: null, lost: `It comes back to itself by “${name}”.` }
    if (passed.length > farthest) return { path, type, value: null, lost: 'It refers on and on.' }
    passed.push(next)
    at = next
  }
}
