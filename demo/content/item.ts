import type { CollectionInput } from '../../core/content/collection'
import type { FieldInput } from '../../core/content/field'
import { keyOf } from '../../core/content/field'
import { fieldTypes } from '../../core/content/fields'
import type { HappeningPart } from '../../core/content/happening'
import type { FieldTypeName } from '../../core/content/fields'
import type { MotifName } from '../pictures/motifs'
import type { PaletteName } from '../pictures/palettes'
import type { AuthorSlug } from './names'

export type DrawnAs = readonly [MotifName, PaletteName]

/** A value as it is written down: plain, or something that loading finds or decides. */
export type DemoValue =
  | string
  | number
  | boolean
  | readonly string[]
  | { readonly amount: number; readonly currency: string }
  | { readonly latitude: number; readonly longitude: number; readonly address: string }
  | { readonly address: string; readonly title: string }
  /**
   * Days from the day of loading, and the time of day; the date alone where there is no time. With
   * a rule of repetition, the first day from then on that it falls on.
   */
  | { readonly inDays: number; readonly at: string | null; readonly repeats?: string | undefined }
  | { readonly pictures: readonly DrawnAs[] }
  | { readonly file: string }
  /** Entries by `collection/slug`. */
  | { readonly entries: readonly string[] }

/** An entry of the demo site as it is written down. */
export interface Item {
  readonly title: string
  readonly author: AuthorSlug | null
  /** By `facet/term`. */
  readonly terms: readonly string[]
  readonly picture: DrawnAs | null
  readonly summary: string
  readonly body: string
  readonly values: Readonly<Record<string, DemoValue>>
}

/** A collection of the demo site: what it is, its fields, its entries from the newest to the oldest. */
export interface DemoCollection {
  readonly slug: string
  readonly definition: Omit<CollectionInput, 'facets'>
  readonly facets: readonly string[]
  readonly fields: readonly FieldInput[]
  /** The keys of the fields that say when, where and in which line its entries happen. */
  readonly happens?: Readonly<Partial<Record<HappeningPart, string>>>
  readonly items: readonly Item[]
  /** Days between one entry and the next, about. */
  readonly daysApart: number
}

/** A field of the demo, at its type's defaults but for what is said. */
export function field(
  name: string,
  type: FieldTypeName,
  settings: object = {},
  more: Partial<FieldInput> = {},
): FieldInput {
  return {
    key: keyOf(name),
    name,
    type,
    settings: { ...(fieldTypes.get(type).defaults as object), ...settings },
    required: false,
    help: '',
    fallback: null,
    filterable: false,
    sortable: false,
    ...more,
  }
}

/** States an entry in the order in which it is read. */
export function item(
  title: string,
  author: AuthorSlug | null,
  terms: string,
  picture: DrawnAs | null,
  values: Item['values'],
  summary: string,
  ...paragraphs: readonly string[]
): Item {
  return {
    title,
    author,
    terms: terms.split(' ').filter((term) => term !== ''),
    picture,
    values,
    summary,
    body: paragraphs.join('\n\n'),
  }
}

/** Pounds and pence. */
export function pounds(amount: number): DemoValue {
  return { amount: Math.round(amount * 100), currency: 'GBP' }
}

/**
 * A day counted from that of loading, or the next that a rule of repetition falls on; with a time,
 * a moment of it.
 */
export function inDays(days: number, at: string | null = null, repeats?: string): DemoValue {
  return { inDays: days, at, repeats }
}
