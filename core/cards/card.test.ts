import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { cardContext, cardEntry, entryWith, fieldOfType } from '~~/tests/support/card-entries'
import { parseListing, newListing } from '../listing/definition'
import { faultsOf } from '../parsing'
import { wordsOf } from '../content/catalogue'
import { cardAside, cardPhrase, defaultCard, filledParts, frameOf, partsAt, readsText } from './card'
import { partsIn, withPartAdded, withPartMoved, withPartStepped, withoutPart } from './card-edits'
import { partKey, parts } from './parts'
import type { PartSetting } from './parts'
import { zones } from './parts/define'
import { readyMadeCards, withReadyMade } from './ready-made'
import { defaultValues } from '../looks/site-values'

const words = wordsOf({
  siteName: '',
  placeholder: 'sprig',
  locale: 'en-GB',
  zone: 'UTC',
  collections: [],
  facets: [],
  terms: [{ id: 5, facetId: 1, parentId: null, name: 'Soil', slug: 'soil' }],
  authors: [],
  looks: [],
  values: defaultValues,
  fonts: [],
})

function shown(setting: PartSetting, entry = cardEntry(), context = cardContext) {
  return filledParts([setting], entry, context)[0]?.content as Record<string, unknown> | undefined
}

describe('a card', () => {
  it('takes every part with its defaults, each with an id where there can be several', () => {
    const all = parts.all
      .filter((kind) => kind.isLarge !== true)
      .map((kind) => ({
        ...kind.defaults,
        on: true,
        ...(kind.several === true ? { id: 'one' } : {}),
      }))
    const listing = { ...newListing('Any', 1), card: { ...defaultCard, parts: all } }
    expect(parseListing(listing)).toEqual({ ok: true, value: listing })
  })

  it('refuses what stands on an entry’s own page only, and says where', () => {
    const refused = [
      ...parts.all.filter((kind) => kind.isLarge === true).map((kind) => kind.defaults),
      { part: 'title', on: true, level: 1 },
    ]
    expect(refused.length).toBeGreaterThan(5)
    for (const part of refused) {
      const usual = {
        ...newListing('Any', 1),
        card: { ...defaultCard, parts: [parts.get('date').defaults, part] },
      }
      expect(faultsOf(parseListing(usual))).toEqual([
        { path: 'card.parts[1]', message: 'This stands on an entry’s own page only.' },
      ])
      const other = {
        ...newListing('Any', 1),
        card: { ...defaultCard, other: { at: 'first', parts: [part] } },
      }
      expect(faultsOf(parseListing(other)).map((fault) => fault.path)).toEqual(['card.other.parts[0]'])
    }
  })

  it('shows a part only for the entries that its condition means', () => {
    const price = fieldOfType(7, 'money')
    const entry = entryWith([[price, { amount: 100, currency: 'EUR' }]], {
      pinned: true,
      terms: [{ id: 5, facetId: 1, name: 'Soil', address: '' }],
    })
    const label = (only: PartSetting['only']): PartSetting => ({
      part: 'label',
      on: true,
      text: 'Here',
      ...(only === undefined ? {} : { only }),
    })
    const met = [
      { if: 'pinned' },
      { if: 'term', term: 5 },
      { if: 'field', field: 7 },
      { if: 'no-picture' },
      { if: 'summary' },
    ] as const
    const unmet = [
      { if: 'picture' },
      { if: 'term', term: 6 },
      { if: 'no-field', field: 7 },
      { if: 'field', field: 8 },
    ] as const
    for (const only of met) expect(shown(label(only), entry), only.if).toEqual({ text: 'Here' })
    for (const only of unmet) expect(shown(label(only), entry), only.if).toBeUndefined()
    expect(cardPhrase({ ...defaultCard, parts: [label({ if: 'term', term: 5 })] }, words)).toBe(
      '“Here” if in Soil',
    )
  })

  it('has another form for the first, or for every nth', () => {
    const other = parts.all.slice(0, 1).map((kind) => kind.defaults)
    const at = (card: typeof defaultCard) =>
      [0, 1, 2, 3, 4, 5].filter((index) => partsAt(card, index) === other)
    expect(at({ ...defaultCard, other: { at: 'first', parts: other } })).toEqual([0])
    expect(at({ ...defaultCard, other: { at: 'every', nth: 3, parts: other } })).toEqual([2, 5])
    expect(cardAside({ ...defaultCard, other: { at: 'every', nth: 3, parts: other } }, 'en-GB')).toBe(
      'another for every 3rd',
    )
    expect(cardAside({ ...defaultCard, other: { at: 'every', nth: 12, parts: other } }, 'en-GB')).toBe(
      'another for every 12th',
    )
  })

  it('is laid out beside its picture only where a part that is on sits there', () => {
    const besides = (on: boolean): readonly PartSetting[] => [
      { part: 'picture', on: true, ratio: '1:1', share: 30, side: 'end' },
      { part: 'title', on, level: 3, zone: 'beside' },
    ]
    expect(frameOf(besides(true))).toEqual({ beside: 'end', share: 0.3 })
    expect(frameOf(besides(false))).toEqual({ beside: null, share: 1 })
    expect(frameOf(besides(true).slice(1))).toEqual({ beside: null, share: 1 })
  })
})

describe('parts', () => {
  it('say a price, what it was and how much less it is', () => {
    const [now, before] = [
      fieldOfType(1, 'money', { currencies: ['GBP'] }),
      fieldOfType(2, 'money', { currencies: ['GBP'] }),
    ]
    const price: PartSetting = { part: 'price', on: true, field: 1, before: 2, saving: true }
    const of = (a: number, b: number | undefined, currency = 'GBP') =>
      shown(
        price,
        entryWith([
          [now, { amount: a, currency }],
          [before, b === undefined ? undefined : { amount: b, currency: 'GBP' }],
        ]),
      )
    expect(of(350, 500)).toEqual({ price: '£3.50', before: '£5', saving: '-30%' })
    expect(of(500, 350)).toEqual({ price: '£5', before: null, saving: null })
    expect(of(350, undefined)).toEqual({ price: '£3.50', before: null, saving: null })
    expect(of(350, 500, 'EUR')).toMatchObject({ before: null })
  })

  it('say when something is, from one moment to another', () => {
    const [start, end] = [fieldOfType(1, 'date-time'), fieldOfType(2, 'date-time')]
    const entry = entryWith([
      [start, Date.UTC(2026, 5, 12, 9)],
      [end, Date.UTC(2026, 5, 14, 16)],
    ])
    expect(shown({ part: 'date', on: true, field: 1, until: 2 }, entry)).toMatchObject({
      text: expect.stringMatching(/^12\s*–\s*14 Jun 2026$/u) as unknown,
      instant: '2026-06-12T09:00:00.000Z',
    })
    expect(shown({ part: 'date', on: true, field: 3 }, entry)).toBeUndefined()
    expect(shown({ part: 'date', on: true, style: 'relative' })).toMatchObject({ text: 'today' })
  })

  it('say when something is by the clock of the site, of where it happens, or of whoever reads', () => {
    const [start, end, day] = [
      fieldOfType(1, 'date-time'),
      fieldOfType(2, 'date-time'),
      fieldOfType(3, 'date'),
    ]
    const entry = {
      ...entryWith([
        [start, Date.UTC(2026, 11, 5, 15)],
        [end, Date.UTC(2026, 11, 5, 16, 30)],
        [day, '2026-12-05'],
      ]),
      zone: 'America/New_York',
    }
    const by = (clock: 'site' | 'event' | 'visitor' | undefined, more: object = {}) =>
      shown({ part: 'date', on: true, field: 1, style: 'time', ...(clock && { clock }), ...more }, entry)
    const instant = '2026-12-05T15:00:00.000Z'
    expect(by(undefined)).toEqual({ text: '5 Dec 2026, 15:00', instant })
    expect(by('site')).toEqual({ text: '5 Dec 2026, 15:00', instant })
    expect(by('event')).toEqual({ text: '5 Dec 2026, 10:00 GMT-5', instant })
    expect(by('event', { until: 2 })).toMatchObject({
      text: expect.stringMatching(/^5 Dec 2026, 10:00\s*–\s*11:30 GMT-5$/u) as unknown,
    })
    // Without script the site's, and said which; the script gets what it needs to write another.
    expect(by('visitor', { until: 2 })).toMatchObject({
      text: expect.stringMatching(/^5 Dec 2026, 15:00\s*–\s*16:30 GMT$/u) as unknown,
      visitor: { until: '2026-12-05T16:30:00.000Z', options: { timeZoneName: 'short', hour: '2-digit' } },
    })
    // Whole days, and what is told from today, are the same by every clock.
    expect(by('visitor', { field: 3 })).toEqual({ text: '5 Dec 2026', instant: '2026-12-05' })
    expect(by('event', { style: 'relative' })).not.toHaveProperty('visitor')
  })

  it('limit words, and put facts in a row without those an entry lacks', () => {
    expect(shown({ part: 'title', on: true, level: 0, words: 1 })).toEqual({ text: 'Leaf…', element: 'p' })
    const row: PartSetting = {
      part: 'facts',
      on: true,
      facts: ['author', 'comments', 'views', 'reading-time'],
      separator: '',
    }
    expect(shown(row, cardEntry({ views: 1200, wordCount: 239 }))).toEqual({
      facts: [
        { text: 'Maud Ferris', instant: null },
        { text: '1,200 reads', instant: null },
        { text: '2 mins read', instant: null },
      ],
      separator: '',
    })
    const slow = { ...cardContext, readingPace: 100 }
    expect(shown({ part: 'reading-time', on: true }, cardEntry({ wordCount: 239 }), slow)).toEqual({
      text: '3 mins read',
    })
    expect([
      shown({ part: 'likes', on: true }),
      shown({ part: 'likes', on: true }, cardEntry({ likes: 1 })),
      shown({ part: 'likes', on: true }, cardEntry({ likes: 1200 })),
    ]).toEqual([undefined, { text: '1 like' }, { text: '1,200 likes' }])
    expect(shown(row, cardEntry({ author: null, comments: 1, views: 1 }))).toMatchObject({
      facts: [{ text: '1 comment' }, { text: '1 read' }],
    })
  })

  it('find in another collection the field with the same key and type', () => {
    const [chosen, other] = [
      { ...fieldOfType(7, 'money', { currencies: ['GBP'] }), key: 'price' },
      { ...fieldOfType(31, 'money', { currencies: ['GBP'] }), key: 'price' },
    ]
    const context = { ...cardContext, field: (id: number) => (id === 7 ? chosen : undefined) }
    const elsewhere = entryWith([[other, { amount: 250, currency: 'GBP' }]])
    expect(shown({ part: 'price', on: true, field: 7 }, elsewhere, context)).toMatchObject({ price: '£2.50' })
    expect(
      shown({ part: 'label', on: true, text: 'Priced', only: { if: 'field', field: 7 } }, elsewhere, context),
    ).toEqual({ text: 'Priced' })
    expect(
      shown(
        { part: 'price', on: true, field: 7 },
        entryWith([[{ ...fieldOfType(31, 'number'), key: 'price' }, 3]]),
        context,
      ),
    ).toBeUndefined()
    expect(shown({ part: 'price', on: true, field: 7 }, elsewhere)).toBeUndefined()
  })

  it('show a field as its type writes it, with its name where that is wanted', () => {
    const rating = fieldOfType(31, 'rating')
    expect(shown({ part: 'rating', on: true, field: 31 }, entryWith([[rating, 4.5]]))).toEqual({
      share: 0.9,
      best: 5,
      text: '4.5 of 5',
    })
    expect(shown({ part: 'field', on: true, field: 31, named: true }, entryWith([[rating, 3]]))).toEqual({
      text: '3 of 5',
      name: rating.name,
    })
    expect(shown({ part: 'price', on: true, field: 31 }, entryWith([[rating, 3]]))).toBeUndefined()
  })

  it('give pictures every width up to their own, the first of the page at once', () => {
    const picture = {
      hash: 'abc',
      width: 700,
      height: 500,
      alternative: 'A bin',
      focalX: 0.25,
      focalY: 0.5,
      tint: '#123456',
    }
    const content = shown({ part: 'picture', on: true, ratio: 'natural' }, cardEntry({ picture }), {
      ...cardContext,
      atOnce: true,
    })
    expect(content).toMatchObject({
      ratio: '700 / 500',
      image: {
        sourceSet: expect.stringMatching(/160w.*480w.*640w.*700w$/) as unknown,
        focus: '25% 50%',
        waits: false,
      },
    })
    expect(shown({ part: 'picture', on: true, ratio: '4:5' })).toMatchObject({
      ratio: '4 / 5',
      image: null,
      letter: null,
    })
    expect(
      shown(
        { part: 'picture', on: true, ratio: '4:5', placeholder: 'letter' },
        cardEntry({ title: '“élan”' }),
      ),
    ).toMatchObject({ letter: 'É' })
    expect(shown({ part: 'picture', on: true, ratio: '4:5', placeholder: 'none' })).toBeUndefined()
    // A card that doesn't say goes by the site.
    const lettered = { ...cardContext, placeholder: 'letter' } as const
    expect(
      shown({ part: 'picture', on: true, ratio: '1:1' }, cardEntry({ title: 'Bean' }), lettered),
    ).toMatchObject({ letter: 'B' })
    expect(
      shown(
        { part: 'picture', on: true, ratio: '1:1', placeholder: 'sprig' },
        cardEntry({ title: 'Bean' }),
        lettered,
      ),
    ).toMatchObject({ letter: null })
  })
})

it('fetches the text of entries only for parts that read it', () => {
  const timed: PartSetting = { part: 'facts', on: true, facts: ['date', 'reading-time'], separator: '' }
  const reads = (...all: readonly PartSetting[]) => readsText({ ...defaultCard, parts: all })
  expect([
    reads(timed),
    reads({ part: 'text', on: true, words: 9 }),
    reads({ part: 'text', on: false, words: 9 }),
  ]).toEqual([false, true, false])
})

describe('setting up a card', () => {
  const three: readonly PartSetting[] = [
    { part: 'picture', on: true, ratio: '1:1' },
    { part: 'title', on: true, level: 3 },
    { part: 'date', on: true },
  ]

  it('moves parts between zones and in them, and never loses one', () => {
    const moved = withPartMoved(three, 'date', 'above', 0)
    expect(moved.map((part) => [partKey(part), part.zone])).toEqual([
      ['date', 'above'],
      ['picture', undefined],
      ['title', undefined],
    ])
    expect(withPartMoved(three, 'picture', 'foot', 0)).toBe(three)
    expect(partsIn(withPartMoved(three, 'title', 'below', 1), 'below').map(partKey)).toEqual([
      'date',
      'title',
    ])
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom('title', 'date', 'picture'), fc.constantFrom(...zones), fc.nat(3)),
          { maxLength: 12 },
        ),
        (moves) => {
          const after = moves.reduce((all, [key, zone, at]) => withPartMoved(all, key, zone, at), three)
          expect(after.map(partKey).sort()).toEqual(['date', 'picture', 'title'])
        },
      ),
    )
  })

  it('steps past the end of a zone into the next', () => {
    const keys = (all: readonly PartSetting[]) =>
      all.map((part) => `${partKey(part)} ${part.zone ?? 'below'}`)
    expect(keys(withPartStepped(three, 'date', 1))).toEqual(['picture below', 'title below', 'date foot'])
    expect(keys(withPartStepped(three, 'title', -1))).toEqual(['picture below', 'title beside', 'date below'])
    expect(keys(withPartStepped(three, 'title', 1))).toEqual(['picture below', 'date below', 'title below'])
    const first = withPartMoved(three, 'date', 'above', 0)
    expect(withPartStepped(first, 'date', -1)).toBe(first)
  })

  it('adds parts, several of a kind told apart, and takes them away', () => {
    const twice = withPartAdded(withPartAdded(three, 'divider', 'a'), 'divider', 'b')
    expect(twice.map(partKey)).toEqual(['picture', 'title', 'date', 'divider', 'divider-b'])
    expect(withoutPart(twice, 'divider').map(partKey)).toEqual(['picture', 'title', 'date', 'divider-b'])
    expect(withPartAdded([{ part: 'author', on: false }], 'author', 'c')).toEqual([
      { part: 'author', on: true },
    ])
  })
})

describe('ready-made cards', () => {
  const fields = [
    fieldOfType(1, 'money'),
    fieldOfType(2, 'money'),
    fieldOfType(3, 'rating'),
    fieldOfType(4, 'date-time'),
    fieldOfType(5, 'place'),
    fieldOfType(6, 'duration'),
    fieldOfType(7, 'number'),
  ]

  it('are at least twelve, for every kind that has cards of its own, and valid with and without fields', () => {
    expect(readyMadeCards.length).toBeGreaterThanOrEqual(12)
    const kinds = new Set(readyMadeCards.flatMap((card) => card.kinds))
    for (const kind of [
      'article',
      'product',
      'project',
      'event',
      'quote',
      'video',
      'place',
      'person',
    ] as const)
      expect(kinds.has(kind), kind).toBe(true)
    for (const card of readyMadeCards)
      for (const known of [fields, []]) {
        const listing = { ...newListing('Any', 1), card: { ...defaultCard, parts: card.parts(known) } }
        expect(parseListing(listing), card.name).toEqual({ ok: true, value: listing })
      }
  })

  it('keep the words that were already set', () => {
    const before: readonly PartSetting[] = [
      { part: 'summary', on: true, words: 12 },
      { part: 'title', on: true, level: 2 },
    ]
    const front = readyMadeCards.find((card) => card.name === 'front')
    expect(
      front &&
        withReadyMade(before, front, fields).filter(
          (part) => part.part === 'summary' || part.part === 'title',
        ),
    ).toEqual([
      { part: 'title', on: true, level: 2 },
      { part: 'summary', on: true, words: 12 },
    ])
  })
})
