import fc from 'fast-check'
import { wordsOf } from '~~/core/content/catalogue'
import type { Field, FieldValues } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'
import { happensNever } from '~~/core/content/happening'
import { defaultValues } from '~~/core/looks/site-values'

/** A field of every type, for two collections: those of the second are numbered from 100 more. */
const day = 86_400_000
const options = [
  { key: 'clay', title: 'Clay' },
  { key: 'loam', title: 'Loam' },
  { key: 'sand', title: 'Sand' },
]
const document = { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Sown.' }] }] }

interface Trial {
  readonly key: string
  readonly type: FieldTypeName
  readonly settings?: object
  readonly value: fc.Arbitrary<unknown>
}

const trials: readonly Trial[] = [
  {
    key: 'count',
    type: 'number',
    settings: { decimals: 1 },
    value: fc.integer({ min: -4, max: 8 }).map((number) => number / 2),
  },
  {
    key: 'price',
    type: 'money',
    settings: { currencies: ['EUR', 'GBP'] },
    value: fc
      .integer({ min: 0, max: 5 })
      .map((pounds) => ({ amount: pounds * 50, currency: pounds % 2 === 0 ? 'EUR' : 'GBP' })),
  },
  {
    key: 'day',
    type: 'date',
    value: fc
      .integer({ min: -12, max: 12 })
      .map((days) => new Date(Date.UTC(2026, 2, 1) + days * day).toISOString().slice(0, 10)),
  },
  {
    key: 'moment',
    type: 'date-time',
    value: fc.integer({ min: -200, max: 200 }).map((hours) => Date.UTC(2026, 2, 1, 12) + hours * 3_600_000),
  },
  {
    key: 'kind',
    type: 'choice',
    settings: { options, many: true },
    value: fc.subarray(
      options.map((one) => one.key),
      { minLength: 1 },
    ),
  },
  { key: 'ready', type: 'yes-no', value: fc.boolean() },
  {
    key: 'label',
    type: 'short-text',
    value: fc.constantFrom(
      'Éclair',
      'eclair bean',
      'Bean',
      'zebra',
      '種子',
      'Bean éclair',
      'ガラス',
      'दिन',
      'กินข้าว',
      '각',
      'ὀδός',
      'Шалфей',
      'שָׁלוֹם',
      'مُحَمَّد',
      'Straße',
      "can't",
      '100 %',
    ),
  },
  { key: 'grade', type: 'rating', value: fc.integer({ min: 1, max: 5 }) },
  { key: 'length', type: 'duration', value: fc.integer({ min: 0, max: 4 }).map((minutes) => minutes * 60) },
  {
    key: 'other',
    type: 'reference',
    settings: { collection: 1, many: true },
    value: fc.subarray([1001, 1002], { minLength: 1 }),
  },
  {
    key: 'address',
    type: 'link',
    value: fc.constantFrom(
      { address: '/seeds', title: 'Seeds' },
      { address: 'https://example.org/', title: '' },
    ),
  },
  { key: 'tone', type: 'colour', value: fc.constantFrom('#a8431f', '#28624a') },
  { key: 'where', type: 'place', value: fc.constant({ latitude: 52, longitude: -2, address: '' }) },
  { key: 'view', type: 'picture', value: fc.constant(7) },
  { key: 'views', type: 'pictures', value: fc.constant([7]) },
  { key: 'report', type: 'file', value: fc.constant(8) },
  { key: 'story', type: 'long-text', value: fc.constant('Sown.') },
  { key: 'notes', type: 'rich-text', value: fc.constant(document) },
  { key: 'again', type: 'recurrence', value: fc.constant('FREQ=WEEKLY') },
]

const byCollection = [1, 2].map((collection) =>
  trials.map((trial, at): Field => ({
    id: 31 + at + 100 * (collection - 1),
    key: trial.key,
    name: trial.key,
    type: trial.type,
    settings: { ...(fieldTypes.get(trial.type).defaults as object), ...trial.settings },
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: fieldTypes.get(trial.type).sortKey !== null,
  })),
)

/** The fields of one of the two collections. */
export function fieldsOfTrial(collection: number): readonly Field[] {
  return byCollection[collection - 1] ?? []
}

/** The field of the first collection with that key. */
export function fieldNamed(key: string): Field {
  const found = fieldsOfTrial(1).find((field) => field.key === key)
  if (found === undefined) throw new Error(`No trial field has the key “${key}”.`)
  return found
}

/** Values for some of the fields of the first collection, as they are stored. */
export const fieldValues: fc.Arbitrary<FieldValues> = fc
  .record(Object.fromEntries(trials.map((trial) => [fieldNamed(trial.key).id, fc.option(trial.value)])))
  .map((values) => Object.fromEntries(Object.entries(values).filter(([, value]) => value !== null)))

const interned = new Map<string, number>()

/** The number of a value of a field in the index, always the same within a run. */
export function internedKey(field: number, value: string): number {
  const name = `${field} ${value}`
  const known = interned.get(name) ?? 5000 + interned.size
  interned.set(name, known)
  return known
}

const collection = {
  slug: 'notes',
  name: 'Notes',
  singular: 'Note',
  plural: 'Notes',
  icon: 'note',
  kind: 'plain',
  address: '/notes/{slug}',
  facets: [10],
  happening: happensNever,
} as const

/** The names of the trial content. */
export const trialWords = wordsOf({
  siteName: '',
  placeholder: 'sprig',
  locale: 'en-GB',
  zone: 'UTC',
  collections: [1, 2].map((id) => ({ ...collection, id, fields: fieldsOfTrial(id) })),
  facets: [{ id: 10, slug: 'topic', name: 'Topic', plural: 'Topics' }],
  terms: [11, 12, 13, 14].map((id) => ({
    id,
    facetId: 10,
    parentId: null,
    name: `Term ${id}`,
    slug: `term-${id}`,
  })),
  authors: [21, 22].map((id) => ({ id, name: `Author ${id}`, slug: `author-${id}` })),
  looks: [],
  values: defaultValues,
  fonts: [],
})
