import { newFitting } from '~~/core/fittings'
import { newPage } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { readdirSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import fc from 'fast-check'
import { newListing } from '~~/core/listing/definition'
import { noFacts } from '~~/core/site-facts'

const root = fileURLToPath(new URL('../../server/', import.meta.url))

/** A route of the server by its file: `api/bench/entries/[id]/index.put.ts`. */
export interface Route {
  readonly method: string
  readonly path: string
}

/** Every route there is. */
export function routes(): readonly Route[] {
  return ['api', 'routes'].flatMap((folder) =>
    readdirSync(`${root}${folder}`, { recursive: true })
      .map(String)
      .flatMap((file): readonly Route[] => {
        const [, path, method] = /^(.+)\.(get|post|put|delete)\.ts$/.exec(file) ?? []
        if (path === undefined || method === undefined) return []
        const address = `/${folder === 'api' ? 'api/' : ''}${path.replace(/(?:^|\/)index$/, '')}`
        return [{ method: method.toUpperCase(), path: address }]
      }),
  )
}

/** A request that something is wrong with. */
export interface Malformed {
  readonly method: string
  readonly address: string
  readonly body: string | undefined
}

/**
 * What stands where something else should; deep and long ones among them, and what some programs
 * trip over.
 */
const wrongValues: readonly unknown[] = [
  null,
  true,
  false,
  0,
  -1,
  1,
  1.5,
  2 ** 31,
  2 ** 53,
  1e300,
  -1e300,
  '',
  ' ',
  'x',
  '0',
  '-1',
  'null',
  'NaN',
  '\u0000',
  'a\u0000b',
  '\ud800',
  'x'.repeat(5000),
  '💧'.repeat(300),
  '2026-13-40',
  '9999-12-31',
  '0001-01-01',
  "'; drop table entries; --",
  '<script>alert(1)</script>',
  '../../etc/passwd',
  '{slug}',
  'javascript:alert(1)',
  [],
  [null],
  [[]],
  [1, 'x', null],
  Array.from({ length: 300 }, () => 1),
  Array.from({ length: 300 }, () => ({})),
  {},
  { toString: 1 },
  { length: 5 },
  { constructor: null },
  { a: { b: { c: {} } } },
  deep(30),
  deep(200),
  { then: 1 },
  { rule: 'group' },
  { is: 'last' },
  { by: 'field' },
]

function deep(depth: number): unknown {
  return depth === 0 ? [] : [deep(depth - 1)]
}

const wrongParts = [
  '0',
  '-1',
  '1',
  '999999999',
  '2147483648',
  '99999999999999999999',
  'x',
  '%00',
  '%ff',
  '..%2f..',
  'a%20b',
  '1.5',
  '00000000-0000-0000-0000-000000000000',
  'toString',
  '__proto__',
  '%F0%9F%92%A7',
  'x'.repeat(300),
]
const wrongQueries = [
  'page=1&page=2',
  'page=-1',
  'page=99999999999',
  'ids=1,,2',
  'ids=' + '1,'.repeat(500),
  'search=%00',
  'search=%25%5F%5C',
  'sort=field:99999999',
  'sort=toString',
  'kinds=picture,,',
  'token[]=x',
  'name=%00',
  'perPage=1e9',
  'seen=1:2:3,4&page=1',
  'seen=999:1:&page=1&at=-5',
  'seen=x&page=1',
  'page=1&at=1e300',
  'direction=up&direction=down',
  '__proto__=1',
  '%ff=%ff',
]
const wrongPages = [
  '/%00',
  '/%ff',
  '/field-notes/%00',
  '/field-notes/{slug}',
  '/topic/%F0%9F%92%A7',
  '/' + 'x/'.repeat(200),
  '/?words=%00',
  '/?words=' + encodeURIComponent('豆'.repeat(300)),
  '/?term=a/b&term=c',
  '/?month=0000-00',
  '/?month=9999-12',
  '/?after.=x',
  '/?author=toString',
  '/a.php',
  '/media/x',
  '/media/0123456789abcdef/1',
  '/media/0123456789abcdef/original.svg',
  '/live',
  '/_nuxt/x.js',
  '/__proto__',
  '//x',
  '/%2e%2e/',
  '/field-notes?after.00000000=[0,1,"\\u0000"]',
  '/field-notes?after.00000000=' + encodeURIComponent('[0,1,'.repeat(400)),
]

/** Bodies that are right or nearly so, for wrong values to be put into, at each of their places. */
export function bodies(ids: {
  readonly collection: number
  readonly entry: number
  readonly page: number
}): readonly unknown[] {
  const listing = {
    ...newListing('Notes', ids.collection),
    from: {
      ...newListing('Notes', ids.collection).from,
      rules: [
        {
          rule: 'group',
          join: 'any',
          rules: [
            { rule: 'date', window: { is: 'last', count: 3, unit: 'day' } },
            { rule: 'terms', facet: 1, is: 'any', terms: [1] },
            { rule: 'field', field: 1, asked: { is: 'between', from: 1, to: null } },
          ],
        },
      ],
      picks: [{ entry: ids.entry, title: 'x' }],
      always: [1],
      never: [2],
    },
  }
  const id = '6f0a3b1e-0000-4000-8000-000000000001'
  const page = withPlacementsAt(newPage('Page'), '1/0', [
    { kind: 'listing', id, listing: id, heading: '' },
    { kind: 'fitting', id: `${id.slice(0, -1)}2`, heading: '', fitting: newFitting('heading') },
  ])
  const text = {
    type: 'doc',
    content: [
      {
        type: 'paragraph',
        content: [{ type: 'text', text: 'Rain', marks: [{ type: 'link', attrs: { href: '/x' } }] }],
      },
      { type: 'bulletList', content: [{ type: 'listItem', content: [{ type: 'paragraph' }] }] },
    ],
  }
  const entry = {
    title: 'Rain',
    slug: 'malformed',
    summary: '',
    body: text,
    status: 'draft',
    publishedAt: 0,
    expiresAt: null,
    authorId: null,
    pictureId: null,
    pinned: false,
    termIds: [1],
    values: { 1: 'x' },
  }
  const field = {
    key: 'depth',
    name: 'Depth',
    type: 'choice',
    settings: { options: [{ key: 'a', title: 'A' }], many: true },
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: false,
  }
  return [
    {
      definition: listing,
      above: [1],
      asOf: null,
      sample: { kind: 'month', year: 2026, month: 3 },
      entry: ids.entry,
    },
    { version: 1, page, whole: true, listings: [{ id, version: 0, definition: listing }] },
    { version: 1, listings: { [id]: 1 } },
    { version: 1, entry },
    entry,
    { ids: [ids.entry], action: { do: 'add-terms', termIds: [1] } },
    { ids: [ids.entry], action: { do: 'author', authorId: 5 } },
    field,
    {
      ...field,
      type: 'money',
      settings: { currencies: ['EUR'], negative: false },
      fallback: { amount: 5, currency: 'EUR' },
    },
    {
      name: 'Notes',
      singular: 'Note',
      plural: 'Notes',
      icon: 'leaf',
      kind: 'article',
      address: '/malformed/{slug}',
      facets: [1],
    },
    {
      when: { start: 1, end: null, length: null, wholeDays: null, repeats: null, zone: null },
      where: null,
      track: null,
    },
    { name: 'Topic', plural: 'Topics', collections: [1] },
    {
      parentId: null,
      term: { name: 'Soil', slug: 'soil', description: '', pictureId: null, icon: '', colour: '#a8431f' },
    },
    { parentId: null, at: 0 },
    { into: 5 },
    { name: 'Wren', about: '', portraitId: null },
    { email: 'wren@test.example', name: 'Wren', role: 'writer' },
    { brokenRules: 'without', placeholder: 'sprig' },
    { ...noFacts, name: 'Malformed' },
    { fileName: 'x.png', alternative: '', credit: '', focalX: 0.5, focalY: 0.5 },
    { entry: ids.entry },
    { role: 'writer' },
  ]
}

/** Requests with something wrong, as many as asked for, the same for the same seed. */
export function malformed(
  all: readonly Route[],
  ids: Parameters<typeof bodies>[0],
  count: number,
  seed: number,
): readonly Malformed[] {
  const known = bodies(ids)
  const numbers = fc.sample(fc.nat(2 ** 30), { numRuns: count * 6, seed })
  let at = 0
  const pick = <T>(from: readonly T[]): T => {
    const chosen = from[(numbers[at++ % numbers.length] ?? 0) % from.length]
    if (chosen === undefined) throw new Error('There is nothing to choose from.')
    return chosen
  }
  return Array.from({ length: count }, (_, number): Malformed => {
    if (number % 9 === 0) return { method: 'GET', address: pick(wrongPages), body: undefined }
    const { method, path } = pick(all)
    const part = () =>
      pick([0, 1, 2]) === 0 ? pick(wrongParts) : String(pick([ids.collection, ids.entry, ids.page]))
    const address = path.replace(/\[[^\]]+\]/g, part)
    const query = method === 'GET' && pick([true, false]) ? `?${pick(wrongQueries)}` : ''
    if (method === 'GET' || method === 'DELETE') return { method, address: address + query, body: undefined }
    return {
      method,
      address,
      body: pick([true, true, true, false]) ? textOf(changed(pick(known), pick)) : textOf(pick(wrongValues)),
    }
  })
}

function textOf(value: unknown): string {
  // As text, so that what JavaScript can't send comes too.
  return JSON.stringify(value).replaceAll('1e+300', '1e999')
}

/** The value with something wrong at one of its places, or something left out or added there. */
function changed(value: unknown, pick: <T>(from: readonly T[]) => T): unknown {
  if (typeof value !== 'object' || value === null || pick([0, 1, 2, 3, 4, 5]) === 0) return pick(wrongValues)
  if (Array.isArray(value))
    return value.length === 0
      ? [pick(wrongValues)]
      : value.map((one: unknown, at) => (at === 0 ? changed(one, pick) : one))
  const names = Object.keys(value)
  if (names.length === 0) return { [String(pick(wrongParts))]: pick(wrongValues) }
  const name = pick(names)
  const kind = pick(['change', 'change', 'change', 'leave out', 'add'])
  if (kind === 'leave out') return Object.fromEntries(Object.entries(value).filter(([one]) => one !== name))
  if (kind === 'add') return { ...value, [String(pick(wrongParts))]: pick(wrongValues) }
  return { ...value, [name]: changed(Reflect.get(value, name), pick) }
}
