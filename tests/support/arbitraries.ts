import fc from 'fast-check'
import { defaultCard } from '~~/core/cards/card'
import { entryMarks } from '~~/core/content/entry'
import type { IndexedEntry } from '~~/core/content/entry'
import { indexedValues } from '~~/core/content/field'
import type { FieldValues } from '~~/core/content/field'
import { defaultAmount } from '~~/core/listing/amount'
import { pagingKinds } from '~~/core/listing/paging'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { fromAll } from '~~/core/listing/from'
import type { From } from '~~/core/listing/from'
import { sameThing } from '~~/core/order/order'
import type { Order, OrderKey } from '~~/core/order/order'
import type { PageSubject, QuestionContext } from '~~/core/rules/context'
import { placedWords } from '~~/core/text/placed-words'
import type { PlacedTexts } from '~~/core/text/placed-words'
import { wilsonLowerBound } from '~~/core/numbers/wilson'
import type { Occurrence } from '~~/core/time/occurrences'
import { civilDayOf } from '~~/core/time/zones'
import type { Words } from '~~/core/words'
import { fieldNamed, fieldsOfTrial, fieldValues, internedKey, trialWords } from './trial-fields'
import { rules } from './rule-arbitraries'
import { ownCss, styles } from './style-arbitraries'
import { anyShape } from './shape-arbitraries'
import { visitorsWith } from './visitor-arbitraries'

/** Random content and random listings over it: small ranges, so that ties and empty answers are common. */

export const firstCollection = 1
export const secondCollection = 2
export const termIds = [11, 12, 13, 14] as const
export const authorIds = [21, 22] as const
export const facetId = 10
/** 1 March 2026, noon in UTC. */
export const now = Date.UTC(2026, 2, 1, 12)
const hour = 3600_000
const day = 24 * hour

/**
 * Characters in daily use in Unicode's recommended scripts (UAX #31, table 5), by ranges of code
 * points. ICU weighs newly encoded characters and archaic numerals differently from version to
 * version, and the database's ICU is another than Node's; these stand alike in both.
 */
const everydayRanges = [
  [0x20, 0x24f],
  [0x391, 0x3c9],
  [0x400, 0x4ff],
  [0x531, 0x556],
  [0x5d0, 0x5ea],
  [0x621, 0x64a],
  [0x904, 0x939],
  [0xe01, 0xe2e],
  [0x10d0, 0x10f0],
  [0x2010, 0x2027],
  [0x300, 0x345],
  [0x3041, 0x3096],
  [0x30a1, 0x30fa],
  [0xac00, 0xd7a3],
  [0x1f300, 0x1f5ff],
] as const
/** Han by radical and stroke, whose counts Unicode corrects now and then: these have not moved. */
const everydayHan = '一二三山川子女小人水田木本林火花草雨月日年春夏秋冬東西南北種根葉実果菜豆米'
const everydayCharacter = fc.oneof(
  fc
    .oneof(...everydayRanges.map(([min, max]) => fc.integer({ min, max })))
    .map((codePoint) => String.fromCodePoint(codePoint))
    .filter((character) => /\p{L}|\p{M}|\p{Nd}|\p{P}|\p{Zs}|\p{Emoji_Presentation}/u.test(character)),
  fc.constantFrom(...everydayHan),
)

/** Titles with accents, cases, digits, several scripts at once and emoji. */
export const titles = fc.oneof(
  fc.constantFrom(
    'Éclair',
    'eclair',
    'Eclair',
    'zebra',
    'Zebra',
    'äpple',
    'apple',
    'Øre',
    '10 beans',
    '9 beans',
    'straße',
    'strasse',
    'a-b',
    'ab',
    '種子',
    '🌱 sprout',
    'ابجد',
  ),
  fc.string({ unit: everydayCharacter, minLength: 1, maxLength: 12 }),
)

const reads = fc.array(
  fc.record({ day: fc.integer({ min: -9, max: 1 }), count: fc.integer({ min: 1, max: 4 }) }),
  { maxLength: 3 },
)

/** Entries of two collections, with values in fields of every type. */
export const indexedEntries: fc.Arbitrary<readonly IndexedEntry[]> = fc
  .array(
    fc.record({
      collectionId: fc.constantFrom(firstCollection, secondCollection),
      title: titles,
      publishedAt: fc.integer({ min: -60, max: 20 }).map((days) => now + days * day),
      expiresAt: fc.option(
        fc.integer({ min: -20, max: 20 }).map((days) => now + days * day),
        { freq: 2 },
      ),
      views: fc.integer({ min: 0, max: 5 }),
      comments: fc.integer({ min: 0, max: 3 }),
      votes: fc.option(fc.tuple(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 4 }))),
      pinned: fc.boolean(),
      picture: fc.boolean(),
      keys: fc.subarray([...termIds, ...authorIds]),
      values: fieldValues,
      reads,
    }),
    { maxLength: 40 },
  )
  .map((entries) => entries.map((entry, at) => indexed(entry, 1000 + at)))

/** When entries happen: some never, some once, some often, some at the same time as others. */
const occurrences = fc.uniqueArray(
  fc
    .record({
      at: fc.integer({ min: -60, max: 60 }),
      length: fc.constantFrom(0, 0, 3, 12, 36),
      moved: fc.constantFrom(0, 0, 0, 6),
      isCancelled: fc.boolean(),
      isWholeDays: fc.boolean(),
    })
    .map(({ at, length, moved, ...rest }): Occurrence => {
      const startsAt = now + at * 6 * hour
      return { ...rest, key: startsAt - moved * hour, startsAt, endsAt: startsAt + length * hour }
    }),
  { maxLength: 6, selector: (one) => one.key },
)
const dateLists = fc.array(occurrences, { minLength: 40, maxLength: 40 })

/** The entries with when they happen, by their ids. */
export const datedEntries = fc
  .tuple(indexedEntries, dateLists)
  .map(
    ([entries, lists]) =>
      [entries, new Map(entries.map((entry, at) => [entry.id, lists[at] ?? []] as const))] as const,
  )

type Drawn = Omit<IndexedEntry, 'id' | 'values' | 'words' | 'rating'> & {
  readonly votes: readonly [number, number] | null
  readonly picture: boolean
  readonly values: FieldValues
}

function indexed({ votes, picture, values, ...entry }: Drawn, id: number): IndexedEntry {
  const { sort, keys } = indexedValues(
    fieldsOfTrial(entry.collectionId),
    shifted(values, entry.collectionId),
    'en-GB',
  )
  const marks = [...(picture ? [entryMarks.picture] : []), ...(entry.pinned ? [entryMarks.pinned] : [])]
  const daily = new Map(entry.reads.map((one) => [civilDayOf(now, 'UTC') + one.day * day, one.count]))
  return {
    ...entry,
    id,
    rating: votes === null ? null : wilsonLowerBound(votes[0], votes[0] + votes[1]),
    keys: [...entry.keys, ...keys.map((one) => internedKey(one.fieldId, one.value)), ...marks],
    values: sort,
    words: placedWords(writtenIn(entry), 'en-GB'),
    reads: [...daily].map(([date, count]) => ({ day: date, count })),
  }
}

/** What is written in an entry besides its title, after what else it is. */
function writtenIn({
  title,
  pinned,
  views,
  comments,
}: Pick<Drawn, 'title' | 'pinned' | 'views' | 'comments'>): PlacedTexts {
  return {
    title,
    summary: pinned ? 'Éclair' : '',
    text: views % 2 === 0 ? title : 'Beans, 10 of them',
    fields: new Map(comments > 1 ? [[30, 'Straße']] : []),
  }
}

/** The fields of the second collection are those of the first, numbered from 100 more. */
function shifted(values: FieldValues, collectionId: number): FieldValues {
  return Object.fromEntries(
    Object.entries(values).map(([id, value]) => [Number(id) + 100 * (collectionId - 1), value]),
  )
}

const direction = fc.constantFrom<('up' | 'down')[]>('up', 'down')
const sortable = ['count', 'price', 'day', 'moment', 'grade', 'label', 'kind', 'ready'] as const
const orderKeys: fc.Arbitrary<OrderKey> = fc.oneof(
  fc.record({
    by: fc.constantFrom('date', 'when', 'title', 'comments', 'rating', 'views'),
    direction,
  }) as fc.Arbitrary<OrderKey>,
  fc.record({
    by: fc.constant('field' as const),
    field: fc.constantFrom(...sortable).map((key) => fieldNamed(key).id),
    direction,
  }),
  fc.record({
    by: fc.constant('views' as const),
    direction: fc.constant('down' as const),
    days: fc.integer({ min: 1, max: 8 }),
  }),
  fc.record({
    by: fc.constant('shuffle' as const),
    span: fc.constantFrom('fixed' as const, 'day' as const, 'visit' as const),
    number: fc.nat(50),
  }),
  fc.constant<OrderKey>({ by: 'hand' }),
  fc.constant<OrderKey>({ by: 'related' }),
)

const orders: fc.Arbitrary<Order> = fc.record({
  keys: fc.uniqueArray(orderKeys, { minLength: 1, maxLength: 3, comparator: sameThing }),
  pinned: fc.constantFrom<Order['pinned'][]>('first', 'ignored'),
})

const someIds = fc.uniqueArray(fc.integer({ min: 1000, max: 1040 }), { maxLength: 4 })
const froms: fc.Arbitrary<From> = fc
  .record({
    by: fc.constantFrom<From['by'][]>('rule', 'rule', 'rule', 'hand', 'page'),
    collections: fc.constantFrom([firstCollection], [firstCollection], [secondCollection, firstCollection]),
    join: fc.constantFrom<From['join'][]>('all', 'all', 'any', 'none'),
    rules: fc.array(rules, { maxLength: 4 }),
    picks: fc
      .uniqueArray(fc.integer({ min: 1000, max: 1045 }), { maxLength: 8 })
      .map((ids) =>
        ids.map((entry) => ({ entry, ...(entry % 3 === 0 && { title: `Title ${1100 - entry}` }) })),
      ),
    always: someIds,
    never: someIds,
    dates: fc.constantFrom<From['dates'][]>('once', 'every'),
    leaveOut: fc.subarray(['thisEntry', 'shownAbove'] as const),
  })
  .map((from) => ({ ...fromAll(firstCollection), ...from }))

const cards = fc.shuffledSubarray([...defaultCard.parts]).map((parts) => ({ ...defaultCard, parts }))

export const visitors = visitorsWith(orders, termIds, cards)

export const listings: fc.Arbitrary<Listing> = fc
  .record({
    name: fc.constantFrom('Latest', 'Most read', 'Ältere Notizen'),
    from: froms,
    order: orders,
    skip: fc.integer({ min: 0, max: 6 }),
    many: fc.oneof(
      fc.record({
        take: fc.integer({ min: 1, max: 12 }),
        perPage: fc.option(fc.integer({ min: 1, max: 6 })),
      }),
      fc.record({ take: fc.constant('all' as const), perPage: fc.integer({ min: 1, max: 6 }) }),
    ),
    paging: fc.record({
      kind: fc.constantFrom(...pagingKinds),
      previous: fc.constantFrom('', 'Earlier'),
      next: fc.constantFrom('', 'Later'),
      more: fc.constantFrom('', 'And more'),
      pages: fc.integer({ min: 1, max: 20 }),
    }),
    shape: anyShape,
    card: cards,
    shared: fc.constantFrom(null, 1, 2147483647),
    own: styles(['title', 'card', 'tab', 'gone'], [400]),
    css: ownCss,
    visitors,
  })
  .map(({ name, from, order, skip, many, paging, shape, card, shared, own, css, visitors }) => ({
    ...newListing(name, firstCollection),
    from,
    order,
    amount: { ...defaultAmount, skip, ...many, paging },
    shape,
    card,
    look: { shared, own, css },
    visitors,
  }))

const subjects: fc.Arbitrary<PageSubject | null> = fc.oneof(
  fc.constant(null),
  fc.record({ kind: fc.constant('term' as const), id: fc.constantFrom(...termIds) }),
  fc.record({ kind: fc.constant('author' as const), id: fc.constantFrom(...authorIds) }),
  fc.record({
    kind: fc.constant('month' as const),
    year: fc.constant(2026),
    month: fc.integer({ min: 1, max: 3 }),
  }),
  fc.record({
    kind: fc.constant('search' as const),
    words: fc.constantFrom('eclair', 'beans 10', 'strasse'),
  }),
  fc.record({ kind: fc.constant('entry' as const), id: fc.integer({ min: 1000, max: 1040 }) }),
)

/** What visitors choose by the terms of a facet. */
const chosenTerms = fc.record({
  test: fc.constantFrom('anyKey' as const, 'allKeys' as const),
  keys: fc.subarray([...termIds], { minLength: 1, maxLength: 2 }),
})

/** What they look for, everywhere or in some places. */
const chosenWords = fc.record(
  {
    test: fc.constant('words' as const),
    words: fc.subarray(['eclair', 'beans', '10', 'strasse'], { minLength: 1, maxLength: 2 }),
    within: fc.subarray(['title', 'summary', 'text', 30] as const, { minLength: 1 }),
  },
  { requiredKeys: ['test', 'words'] },
)

/**
 * What questions are asked with, in several zones; weeks begin on Monday, as in the language of the
 * words.
 */
export const contexts: fc.Arbitrary<QuestionContext> = fc
  .record({
    zone: fc.constantFrom(
      'UTC',
      'Europe/London',
      'Pacific/Auckland',
      'America/Los_Angeles',
      'Atlantic/Azores',
      'America/Havana',
    ),
    page: subjects,
    above: someIds,
    choices: fc.array(fc.oneof({ weight: 2, arbitrary: chosenTerms }, chosenWords), { maxLength: 2 }),
    related: fc.subarray(termIds.map((key, at) => ({ key, weight: 10 + at }))),
    visit: fc.constantFrom('', 'a visit'),
    broken: fc.constantFrom('without' as const, 'nothing' as const),
  })
  .map(({ zone, ...context }) => ({ ...context, now, words: wordsIn(zone), keyOf: internedKey }))

/** The words of the trial content, in a zone. */
export function wordsIn(zone: string): Words {
  return { ...trialWords, zone }
}
