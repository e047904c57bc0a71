import { readFileSync } from 'node:fs'
import { Query } from 'mingo'
import { wordsOf } from '~~/core/content/catalogue'
import type { IndexedEntry } from '~~/core/content/entry'
import { indexedValues } from '~~/core/content/field'
import type { Field, FieldValues } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'
import { defaultAmount } from '~~/core/listing/amount'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { fromAll } from '~~/core/listing/from'
import type { OrderKey } from '~~/core/order/order'
import { plainContext } from '~~/core/rules/context'
import type { QuestionContext } from '~~/core/rules/context'
import type { Rule } from '~~/core/rules'
import type { FieldQuestion } from '~~/core/rules/field-questions'
import { takeOf } from '~~/core/listing/amount'
import { searchWords } from '~~/core/text/search-words'
import { internedKey } from './trial-fields'
import { happensNever } from '~~/core/content/happening'
import { defaultValues } from '~~/core/looks/site-values'

/**
 * Cars and penguins of vega-datasets, open data sets, as entries with fields; and the same questions
 * put to Bushel and to mingo, a query library that knows nothing of Bushel.
 */
type Row = Readonly<Record<string, unknown>> & { readonly id: number }

export interface DataQuestion {
  readonly name: string
  readonly listing: Listing
  readonly find: object
  readonly sort: Record<string, 1 | -1>
}

export interface OpenData {
  readonly name: string
  readonly rows: readonly Row[]
  readonly entries: readonly IndexedEntry[]
  readonly context: QuestionContext
  readonly questions: readonly DataQuestion[]
}

const now = Date.UTC(2026, 0, 1)

function read(file: string): readonly Row[] {
  const path = new URL(`../../node_modules/vega-datasets/data/${file}`, import.meta.url)
  return (JSON.parse(readFileSync(path, 'utf8')) as Record<string, unknown>[]).map((row, at) => ({
    ...row,
    id: 7000 + at,
  }))
}

function fieldOf(id: number, name: string, type: FieldTypeName, settings: object = {}): Field {
  const base = fieldTypes.get(type)
  const given = { ...(base.defaults as object), ...settings }
  return {
    id,
    key: name.toLowerCase().replace(/\W+/g, '_'),
    name,
    type,
    settings: given,
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: base.sortKey !== null,
  }
}

/**
 * The values there are, and for each number whether it is missing: mingo puts what is missing
 * first, Bushel last.
 */
function withGaps(rows: readonly Row[], columns: readonly string[]): readonly Row[] {
  return rows.map((row) => ({
    ...row,
    ...Object.fromEntries(
      columns.map((column) => [`no ${column}`, row[column] === null || row[column] === undefined]),
    ),
  }))
}

function entriesOf(
  rows: readonly Row[],
  fields: readonly Field[],
  titleOf: (row: Row) => string,
  valueOf: (field: Field, row: Row) => unknown,
): readonly IndexedEntry[] {
  return rows.map((row) => {
    const values: FieldValues = Object.fromEntries(
      fields.flatMap((field) =>
        ((value) => (value === null || value === undefined ? [] : [[field.id, value]]))(valueOf(field, row)),
      ),
    )
    const { sort, keys } = indexedValues(fields, values, 'en')
    return {
      id: row.id,
      collectionId: 1,
      title: titleOf(row),
      publishedAt: now - 1000,
      expiresAt: null,
      views: 0,
      comments: 0,
      rating: null,
      pinned: false,
      keys: keys.map((key) => internedKey(key.fieldId, key.value)),
      values: sort,
      words: searchWords(titleOf(row), 'en'),
      reads: [],
    }
  })
}

function contextOf(fields: readonly Field[]): QuestionContext {
  const collection = {
    id: 1,
    slug: 'rows',
    name: 'Rows',
    singular: 'Row',
    plural: 'Rows',
    icon: 'note',
    kind: 'plain',
    address: '/rows/{slug}',
    facets: [],
    fields,
    happening: happensNever,
  } as const
  const words = wordsOf({
    siteName: '',
    placeholder: 'sprig',
    locale: 'en',
    zone: 'UTC',
    collections: [collection],
    facets: [],
    terms: [],
    authors: [],
    looks: [],
    values: defaultValues,
    fonts: [],
  })
  return { ...plainContext(now, words), keyOf: internedKey }
}

const options = (keys: readonly string[]) => ({
  options: keys.map((key) => ({ key: key.toLowerCase(), title: key })),
})
const rule = (field: Field, asked: FieldQuestion): Rule => ({ rule: 'field', field: field.id, asked })

function asking(
  rules: readonly Rule[],
  keys: readonly OrderKey[],
  change: Partial<Listing['from']> = {},
  amount: Partial<Listing['amount']> = {},
): Listing {
  return {
    ...newListing('Rows', 1),
    from: { ...fromAll(1), rules, ...change },
    order: { keys, pinned: 'ignored' },
    amount: { ...defaultAmount, take: 200, ...amount },
  }
}

function cars(): OpenData {
  const economy = fieldOf(60, 'Miles per gallon', 'number', { decimals: 1 })
  const power = fieldOf(61, 'Horsepower', 'number')
  const cylinders = fieldOf(62, 'Cylinders', 'number')
  const origin = fieldOf(63, 'Origin', 'choice', options(['USA', 'Europe', 'Japan']))
  const year = fieldOf(64, 'Year', 'date')
  const name = fieldOf(65, 'Name', 'short-text')
  const fields = [economy, power, cylinders, origin, year, name]
  const columns: Record<number, string> = {
    60: 'Miles_per_Gallon',
    61: 'Horsepower',
    62: 'Cylinders',
    64: 'Year',
    65: 'Name',
  }
  const rows = withGaps(read('cars.json'), ['Miles_per_Gallon', 'Horsepower'])
  return {
    name: 'cars',
    rows,
    context: contextOf(fields),
    entries: entriesOf(
      rows,
      fields,
      (row) => String(row.Name),
      (field, row) => (field === origin ? [String(row.Origin).toLowerCase()] : row[columns[field.id] ?? '']),
    ),
    questions: [
      {
        name: 'economical ones of two origins, most economical first',
        listing: asking(
          [
            rule(origin, { is: 'any', values: ['japan', 'europe'] }),
            rule(economy, { is: 'between', from: 30, to: null }),
          ],
          [{ by: 'field', field: economy.id, direction: 'down' }],
        ),
        find: { Origin: { $in: ['Japan', 'Europe'] }, Miles_per_Gallon: { $gte: 30 } },
        sort: { Miles_per_Gallon: -1, id: -1 },
      },
      {
        name: 'by power, those without it last, skipping some',
        listing: asking(
          [rule(cylinders, { is: 'between', from: 4, to: 4 })],
          [{ by: 'field', field: power.id, direction: 'up' }],
          {},
          { skip: 20 },
        ),
        find: { Cylinders: 4 },
        sort: { 'no Horsepower': 1, Horsepower: 1, id: 1 },
      },
      {
        name: 'American or strong, but none of the early years and not by name',
        listing: asking(
          [
            {
              rule: 'group',
              join: 'any',
              rules: [
                rule(origin, { is: 'any', values: ['usa'] }),
                rule(power, { is: 'between', from: 150, to: null }),
              ],
            },
            {
              rule: 'group',
              join: 'none',
              rules: [
                rule(year, { is: 'within', window: { is: 'between', from: null, to: '1972-12-31' } }),
                rule(name, { is: 'contains', text: 'FORD' }),
              ],
            },
          ],
          [
            { by: 'field', field: cylinders.id, direction: 'down' },
            { by: 'field', field: year.id, direction: 'up' },
          ],
        ),
        find: {
          $and: [
            { $or: [{ Origin: 'USA' }, { Horsepower: { $gte: 150 } }] },
            { $nor: [{ Year: { $lte: '1972-12-31' } }, { Name: /ford/i }] },
          ],
        },
        sort: { Cylinders: -1, Year: 1, id: 1 },
      },
      {
        name: 'without a known economy',
        listing: asking(
          [rule(economy, { is: 'absent' })],
          [{ by: 'field', field: power.id, direction: 'down' }],
        ),
        find: { Miles_per_Gallon: null },
        sort: { Horsepower: -1, id: -1 },
      },
    ],
  }
}

function penguins(): OpenData {
  const species = fieldOf(70, 'Species', 'choice', options(['Adelie', 'Chinstrap', 'Gentoo']))
  const island = fieldOf(71, 'Island', 'choice', options(['Torgersen', 'Biscoe', 'Dream']))
  const beak = fieldOf(72, 'Beak length', 'number', { decimals: 1, unit: 'mm' })
  const mass = fieldOf(73, 'Body mass', 'number', { unit: 'g' })
  const fields = [species, island, beak, mass]
  const rows = withGaps(read('penguins.json'), ['Beak Length (mm)', 'Body Mass (g)'])
  const columns: Record<number, string> = { 72: 'Beak Length (mm)', 73: 'Body Mass (g)' }
  return {
    name: 'penguins',
    rows,
    context: contextOf(fields),
    entries: entriesOf(
      rows,
      fields,
      (row) => `${String(row.Species)} of ${String(row.Island)}`,
      (field, row) =>
        field === species
          ? [String(row.Species).toLowerCase()]
          : field === island
            ? [String(row.Island).toLowerCase()]
            : row[columns[field.id] ?? ''],
    ),
    questions: [
      {
        name: 'heavy ones that are not of one island',
        listing: asking(
          [
            rule(mass, { is: 'between', from: 4000, to: 5000 }),
            rule(island, { is: 'none', values: ['dream'] }),
          ],
          [
            { by: 'field', field: mass.id, direction: 'down' },
            { by: 'field', field: beak.id, direction: 'up' },
          ],
        ),
        find: { 'Body Mass (g)': { $gte: 4000, $lte: 5000 }, Island: { $nin: ['Dream'] } },
        sort: { 'Body Mass (g)': -1, 'no Beak Length (mm)': 1, 'Beak Length (mm)': 1, id: 1 },
      },
      {
        name: 'any of three ways',
        listing: asking(
          [
            rule(species, { is: 'any', values: ['chinstrap'] }),
            rule(beak, { is: 'between', from: 50, to: null }),
            rule(mass, { is: 'between', from: null, to: 3000 }),
          ],
          [{ by: 'field', field: beak.id, direction: 'down' }],
          { join: 'any' },
        ),
        find: {
          $or: [
            { Species: 'Chinstrap' },
            { 'Beak Length (mm)': { $gte: 50 } },
            { 'Body Mass (g)': { $lte: 3000, $ne: null } },
          ],
        },
        sort: { 'no Beak Length (mm)': 1, 'Beak Length (mm)': -1, id: -1 },
      },
      {
        name: 'measured at all',
        listing: asking([rule(mass, { is: 'present' })], [{ by: 'field', field: mass.id, direction: 'up' }]),
        find: { 'Body Mass (g)': { $ne: null } },
        sort: { 'Body Mass (g)': 1, id: 1 },
      },
    ],
  }
}

/** The open data sets whose rows have fields. */
export const openData: readonly OpenData[] = [cars(), penguins()]

/** What mingo answers: the ids, and how many match. */
export function rowsFound(
  { rows }: OpenData,
  { find, sort, listing }: DataQuestion,
): { readonly ids: readonly number[]; readonly matches: number } {
  const all = new Query(find)
    .find<Row>([...rows])
    .sort(sort)
    .all()
  return {
    ids: all.slice(listing.amount.skip, listing.amount.skip + takeOf(listing.amount)).map((row) => row.id),
    matches: all.length,
  }
}
