/** The names that definitions refer to by id, for putting them into words. */
export interface Words {
  /** BCP 47 language tag of the site. */
  readonly locale: string
  collection(id: number): { readonly singular: string; readonly plural: string } | undefined
  term(id: number): string | undefined
  author(id: number): string | undefined
  facet(id: number): string | undefined
}

/** “a, b or c” in the site's language. */
export function orList(names: readonly string[], locale: string): string {
  return new Intl.ListFormat(locale, { type: 'disjunction' }).format(names)
}

/** “1 day”, “2 days”: a count with its unit. English plurals. */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`
}
