/**
 * A registry is a fixed list of things of one form, found by name.
 * Everything that differs between shapes, parts or rules is reached through one.
 */
export interface Registry<T extends { readonly name: string }> {
  readonly all: readonly T[]
  readonly names: readonly T['name'][]
  /** The thing of that name, or undefined when there is none. */
  find(name: unknown): T | undefined
  /** The thing of that name. Throws for an unknown name: validate input first. */
  get(name: T['name']): T
}

/** Makes a registry. Throws when two things share a name. */
export function registryOf<T extends { readonly name: string }>(
  what: string,
  all: readonly T[],
): Registry<T> {
  const byName = new Map<unknown, T>(all.map((one) => [one.name, one]))
  if (byName.size !== all.length) throw new Error(`Two ${what}s share a name.`)
  return {
    all,
    names: all.map((one) => one.name),
    find: (name) => byName.get(name),
    get(name) {
      const found = byName.get(name)
      if (!found) throw new Error(`There is no ${what} called “${name}”.`)
      return found
    },
  }
}
