/**
 * Whether two plain values are equal, for telling what differs from a default. What is undefined is
 * not there.
 */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const keys = definedKeys(a)
  return (
    Array.isArray(a) === Array.isArray(b) &&
    keys.length === definedKeys(b).length &&
    keys.every((key) => Object.hasOwn(b, key) && same(Reflect.get(a, key), Reflect.get(b, key)))
  )
}

function definedKeys(value: object): readonly string[] {
  return Object.keys(value).filter((key) => Reflect.get(value, key) !== undefined)
}
