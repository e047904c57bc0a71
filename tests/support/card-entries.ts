import type { CardContext, CardEntry } from '~~/core/cards/card-entry'
import type { Field } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'

/** An entry as cards see it, with little on it unless said otherwise. */
export function cardEntry(change: Partial<CardEntry> = {}): CardEntry {
  return {
    id: 1,
    title: 'Leaf mould',
    summary: 'Eighteen months in a wire bin.',
    text: '',
    wordCount: 0,
    address: '/field-notes/leaf-mould',
    publishedAt: Date.UTC(2026, 2, 1, 12),
    author: { name: 'Maud Ferris', portrait: null },
    picture: null,
    pinned: false,
    views: 1,
    comments: 0,
    likes: 0,
    terms: [],
    within: change.terms?.map((term) => term.id) ?? [],
    fields: new Map(),
    values: {},
    occurrence: null,
    date: null,
    zone: 'Europe/London',
    track: null,
    full: null,
    ...change,
  }
}

/** Where cards stand in tests: British English, London, noon on 1 March 2026. */
export const cardContext: CardContext = {
  locale: 'en-GB',
  zone: 'Europe/London',
  readingPace: 238,
  now: Date.UTC(2026, 2, 1, 12),
  field: () => undefined,
  termNow: (id) => id,
  placeholder: 'sprig',
  sizes: '300px',
  atOnce: false,
}

/** A field of a type, as its defaults have it. */
export function fieldOfType(id: number, type: FieldTypeName, settings: object = {}): Field {
  const kind = fieldTypes.get(type)
  return {
    id,
    key: `f${id}`,
    name: `${kind.title} ${id}`,
    type,
    settings: { ...(kind.defaults as object), ...settings },
    required: false,
    help: '',
    fallback: null,
    filterable: false,
    sortable: false,
  }
}

/** An entry with fields and their values. */
export function entryWith(
  fields: readonly (readonly [Field, unknown])[],
  change: Partial<CardEntry> = {},
): CardEntry {
  return cardEntry({
    fields: new Map(fields.map(([field]) => [field.id, field])),
    values: Object.fromEntries(fields.map(([field, value]) => [field.id, value])),
    ...change,
  })
}
