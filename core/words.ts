import type { Field } from './content/field'
import type { LookInput } from './looks/shared-look'
import { listFormat } from './formats/formatters'

/** A field with the collection it belongs to. */
export interface KnownField extends Field {
  readonly collectionId: number
}

/** Everything that definitions refer to by id: for putting them into words, and for telling what is gone. */
export interface Words {
  /** BCP 47 language tag of the site. */
  readonly locale: string
  /** IANA time zone of the site. */
  readonly zone: string
  collection(id: number): { readonly singular: string; readonly plural: string } | undefined
  term(id: number): string | undefined
  /** The term that one of this number is by now: another, where it was merged. */
  termNow(id: number): number
  author(id: number): string | undefined
  facet(id: number): string | undefined
  look(id: number): LookInput | undefined
  field(id: number): KnownField | undefined
  /** The field of another collection that has the same key and type. */
  sameField(field: KnownField, collection: number): KnownField | undefined
}

/** “a, b or c” in the site's language. */
export function orList(names: readonly string[], locale: string): string {
  return listFormat(locale, { type: 'disjunction' }).format(names)
}

/** “a, b and c” in the site's language. */
export function andList(names: readonly string[], locale: string): string {
  return listFormat(locale, { type: 'conjunction' }).format(names)
}

/** “1 day”, “2 days”: a count with its unit. English plurals. */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`
}
