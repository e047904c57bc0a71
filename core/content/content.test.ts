import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { fieldsOfAll } from './catalogue'
import type { Catalogue, CollectionSummary } from './catalogue'
import { stateOf } from './entry'
import { entryAddressOf, patternFault, slugIn } from './entry-address'
import { blankEntry, parseEntryInput } from './entry-input'
import { hasValue, indexedValues, keyOf, parseFieldInput } from './field'
import type { Field } from './field'
import { numberField } from './fields/number'
import { shortText } from './fields/short-text'
import { yesNo } from './fields/yes-no'
import { longestSlug, slugOf, slugPattern } from './slug'
import { inTreeOrder, movedTerm, withAncestors, withDescendants } from './terms'
import type { Term } from './terms'

describe('a slug', () => {
  it.each([
    ['Leaf mould: the eighteen-month recipe', 'leaf-mould-the-eighteen-month-recipe'],
    ['Growers’ words', 'growers-words'],
    ['Crème brûlée, à la hill', 'creme-brulee-a-la-hill'],
    ['種子の 交換', '種子の-交換'],
    ['…!', ''],
  ])('of “%s” is “%s”', (title, slug) => {
    expect(slugOf(title)).toBe(slug)
  })

  it('always fits the pattern, or is empty', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (title) => {
        const slug = slugOf(title)
        expect(slug === '' || (slugPattern.test(slug) && slug.length <= longestSlug)).toBe(true)
      }),
    )
  })
})

describe('an entry’s state', () => {
  it.each([
    ['draft', 5, null, 'draft'],
    ['archived', 5, null, 'archived'],
    ['published', 10, null, 'published'],
    ['published', 11, null, 'scheduled'],
    ['published', 5, 11, 'published'],
    ['published', 5, 10, 'expired'],
  ] as const)(
    'follows its status and its dates: %s from %j to %j is %s',
    (status, publishedAt, expiresAt, state) => {
      expect(stateOf({ status, publishedAt, expiresAt }, 10)).toBe(state)
    },
  )
})

describe('terms', () => {
  const term = (id: number, parentId: number | null): Term => ({
    id,
    parentId,
    facetId: 1,
    name: String(id),
    slug: String(id),
  })
  const terms = [term(1, null), term(2, 1), term(3, 2), term(4, null)]
  const byId = new Map(terms.map((one) => [one.id, one]))

  it('know their ancestors, even in a loop', () => {
    expect(withAncestors(3, byId)).toEqual([3, 2, 1])
    expect(
      withAncestors(
        1,
        new Map([
          [1, term(1, 2)],
          [2, term(2, 1)],
        ]),
      ),
    ).toEqual([1, 2])
  })

  it('are read with children after their parent', () => {
    expect(inTreeOrder(terms).map(({ term: one, depth }) => [one.id, depth])).toEqual([
      [1, 0],
      [2, 1],
      [3, 2],
      [4, 0],
    ])
  })
})

describe('what an editor writes', () => {
  const good = {
    ...blankEntry,
    title: 'Rain',
    slug: 'rain',
    status: 'published',
    publishedAt: 0,
    termIds: [3, 3, 4],
  }
  const depth: Field = {
    id: 12,
    key: 'depth',
    name: 'Depth',
    type: 'number',
    settings: { ...numberField.defaults, most: 50 },
    required: true,
    help: '',
    fallback: null,
    filterable: false,
    sortable: true,
  }

  it('is taken as it is, terms once each', () => {
    expect(parseEntryInput(good, [])).toEqual({ ok: true, value: { ...good, termIds: [3, 4] } })
  })

  it.each([
    ['title', ''],
    ['title', 'x'.repeat(201)],
    ['title', 'a\0b'],
    ['slug', 'Not a slug'],
    ['slug', 'a--b'],
    ['summary', 'x'.repeat(601)],
    ['body', null],
    ['body', 'plain'],
    ['status', 'gone'],
    ['publishedAt', null],
    ['publishedAt', Infinity],
    ['expiresAt', 0],
    ['authorId', -1],
    ['pinned', 'yes'],
    ['termIds', 3],
    ['values', []],
  ])('is refused at its field: %s = %j', (field, value) => {
    const parsed = parseEntryInput({ ...good, [field]: value }, [])
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(field)
  })

  it('needs no date as a draft', () => {
    expect(parseEntryInput({ ...good, status: 'draft', publishedAt: null }, []).ok).toBe(true)
  })

  it.each([
    [{ 12: 51 }, 'values.12', 'Use 50 or less.'],
    [{ 12: '' }, 'values.12', '“Depth” is needed before this can be published.'],
    [
      { 12: 3, 99: 1 },
      'values.99',
      'One of these fields is no longer part of the collection. Open the entry anew.',
    ],
  ])('has its own fields checked: %j', (values, path, message) => {
    const parsed = parseEntryInput({ ...good, values }, [depth])
    expect(parsed.ok ? [] : parsed.faults).toContainEqual({ path, message })
  })

  it('may lack a needed value while it is a draft, and tells all that is wrong at once', () => {
    expect(parseEntryInput({ ...good, status: 'draft', values: {} }, [depth]).ok).toBe(true)
    const parsed = parseEntryInput({ ...good, title: '', values: { 12: 51 } }, [depth])
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toEqual(['title', 'values.12'])
  })
})

describe('a field', () => {
  const good = {
    key: 'depth',
    name: 'Depth',
    type: 'number',
    settings: numberField.defaults,
    required: false,
    help: '',
    fallback: 3,
    filterable: true,
    sortable: true,
  }

  it('is taken with a default that fits its type', () => {
    expect(parseFieldInput(good)).toEqual({ ok: true, value: good })
    expect(parseFieldInput({ ...good, fallback: '' })).toEqual({
      ok: true,
      value: { ...good, fallback: null },
    })
  })

  it.each([
    [{ key: 'Depth in cm' }, 'key'],
    [{ name: '' }, 'name'],
    [{ type: 'hat' }, 'type'],
    [{ settings: { unit: 'cm' } }, 'settings.decimals'],
    [{ fallback: 'deep' }, 'fallback'],
    [{ type: 'colour', settings: {}, fallback: null }, 'sortable'],
    [{ colour: 'red' }, ''],
  ])('is refused where it is wrong: %j', (change, path) => {
    const parsed = parseFieldInput({ ...good, ...change })
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(path)
  })

  it.each([
    ['Sowing depth (cm)', 'sowing_depth_cm'],
    ['2nd crop', 'nd_crop'],
    ['…', 'field'],
    ['Été', 'ete'],
  ])('gets the key of “%s”: %s', (name, key) => {
    expect(keyOf(name)).toBe(key)
  })

  it('is indexed only for what it may be asked', () => {
    const field = { ...good, id: 7, type: 'number' as const }
    expect(indexedValues([field], { 7: 12 }, 'en')).toEqual({
      sort: { 7: 12 },
      keys: [{ fieldId: 7, value: hasValue }],
    })
    expect(indexedValues([{ ...field, filterable: false, sortable: false }], { 7: 12 }, 'en')).toEqual({
      sort: {},
      keys: [],
    })
    const either = { ...field, type: 'yes-no' as const, settings: yesNo.defaults }
    expect(indexedValues([either], { 7: true }, 'en')).toEqual({
      sort: { 7: 1 },
      keys: [
        { fieldId: 7, value: hasValue },
        { fieldId: 7, value: 'yes' },
      ],
    })
    const label = { ...field, type: 'short-text' as const, settings: shortText.defaults }
    const price = {
      ...field,
      type: 'money' as const,
      settings: { currencies: ['EUR', 'GBP'], negative: false },
      filterable: false,
    }
    expect(indexedValues([price], { 7: { amount: 250, currency: 'GBP' } }, 'en')).toEqual({
      sort: { 7: 2.5 },
      keys: [{ fieldId: 7, value: 'GBP' }],
    })
    const pounds = { ...price, settings: { currencies: ['GBP'], negative: false } }
    expect(indexedValues([pounds], { 7: { amount: 250, currency: 'GBP' } }, 'en')).toEqual({
      sort: { 7: 2.5 },
      keys: [],
    })
    expect(indexedValues([label], { 7: 'Éclair  Bean' }, 'en')).toEqual({
      sort: { 7: 'Éclair  Bean', '7t': '\neclair bean\n', '7x': '\nÉclair Bean\n' },
      keys: [{ fieldId: 7, value: hasValue }],
    })
  })
})

describe('the addresses of entries', () => {
  const instant = Date.UTC(2026, 11, 31, 23, 30)

  it('have the year and month of the site’s own clock', () => {
    const entry = { slug: 'saving-seed', publishedAt: instant }
    expect(entryAddressOf('/notes/{year}/{month}/{slug}', entry, 'Europe/London')).toBe(
      '/notes/2026/12/saving-seed',
    )
    expect(entryAddressOf('/notes/{year}/{month}/{slug}', entry, 'Pacific/Auckland')).toBe(
      '/notes/2027/01/saving-seed',
    )
  })

  it.each([
    ['/field-notes/{slug}', null],
    ['/notes/{year}/{slug}', null],
    ['notes/{slug}', 'Begin the address with “/”.'],
    ['/notes', 'End the address with “{slug}”, which stands for the entry’s own part.'],
    ['/{slug}', 'Begin with a word in small letters: “/field-notes/{slug}”.'],
    ['/bench/{slug}', '“/bench” is taken. Begin with another word.'],
    [
      '/notes/{day}/{slug}',
      '“{day}” cannot stand in an address. Use small letters, digits and hyphens, {year}, {month} and {slug}.',
    ],
  ])('follow a pattern: %s', (pattern, fault) => {
    expect(patternFault(pattern)).toBe(fault)
  })

  it('lead back to the slug they were made of, for every slug', () => {
    fc.assert(
      fc.property(
        fc
          .string({ unit: 'grapheme', minLength: 1 })
          .map(slugOf)
          .filter((slug) => slug !== ''),
        fc.constantFrom('/notes/{slug}', '/notes/{year}/{month}/{slug}'),
        (slug, pattern) => {
          const address = entryAddressOf(pattern, { slug, publishedAt: instant }, 'UTC')
          expect(slugIn(pattern, decodeURIComponent(address))).toBe(slug)
        },
      ),
    )
  })
})

describe('moving a term', () => {
  const term = (id: number, parentId: number | null): Term => ({
    id,
    parentId,
    facetId: 1,
    name: String(id),
    slug: String(id),
  })
  const terms = [term(1, null), term(2, 1), term(3, 2), term(4, null), term(5, null)]

  it('counts those beside it in their new order', () => {
    expect(movedTerm(terms, 5, null, 1)).toEqual([
      { id: 1, parentId: null, position: 0 },
      { id: 5, parentId: null, position: 1 },
      { id: 4, parentId: null, position: 2 },
    ])
    expect(movedTerm(terms, 4, 2, 1)).toEqual([
      { id: 3, parentId: 2, position: 0 },
      { id: 4, parentId: 2, position: 1 },
    ])
  })

  it('never puts it under itself or one of its own', () => {
    expect([1, 2, 3].map((parent) => movedTerm(terms, 1, parent, 0))).toEqual([null, null, null])
    expect(withDescendants(1, terms)).toEqual([1, 2, 3])
  })
})

describe('the fields of several collections', () => {
  const field = (id: number, key: string, name: string, type: Field['type'] = 'number'): Field => ({
    id,
    key,
    name,
    type,
    settings: {},
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: true,
  })
  const collection = (id: number, name: string, ...fields: readonly Field[]): CollectionSummary => ({
    id,
    slug: name.toLowerCase(),
    name,
    singular: name,
    plural: name,
    kind: 'article',
    address: `/${id}/{slug}`,
    icon: 'leaf',
    facets: [],
    fields,
  })
  const catalogue: Catalogue = {
    siteName: '',
    placeholder: 'sprig',
    locale: 'en-GB',
    zone: 'UTC',
    facets: [],
    terms: [],
    authors: [],
    collections: [
      collection(1, 'Plots', field(11, 'size', 'Size'), field(12, 'price', 'Price')),
      collection(
        2,
        'Seeds',
        field(21, 'price', 'Price'),
        field(22, 'size', 'Size', 'short-text'),
        field(23, 'height', 'Height'),
      ),
    ],
  }
  const named = (...ids: readonly number[]) => fieldsOfAll(catalogue, ids).map((one) => [one.id, one.name])

  it('are one for what they share, and say whose they are where names would be mistaken', () => {
    expect(named(1)).toEqual([
      [11, 'Size'],
      [12, 'Price'],
    ])
    expect(named(1, 2)).toEqual([
      [11, 'Size (Plots)'],
      [12, 'Price'],
      [22, 'Size (Seeds)'],
      [23, 'Height'],
    ])
    expect(named(2, 1)).toEqual([
      [21, 'Price'],
      [22, 'Size (Seeds)'],
      [23, 'Height'],
      [11, 'Size (Plots)'],
    ])
    expect(named(9)).toEqual([])
  })
})

it.each([
  ['a title that is no text', [{ key: 'a', title: true }]],
  ['an option that is nothing', [null, { key: 'a', title: 'A' }]],
  ['no list', { length: 3 }],
])('refuses a choice of %s, and says where', (_, options) => {
  const parsed = parseFieldInput({
    key: 'kind',
    name: 'Kind',
    type: 'choice',
    settings: { options, many: true },
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: false,
  })
  expect(parsed.ok).toBe(false)
})
