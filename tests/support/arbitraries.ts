import fc from 'fast-check'
import type { IndexedEntry } from '~~/core/content/entry'
import { defaultCard } from '~~/core/cards/parts'
import type { Listing } from '~~/core/listing/definition'
import { newListing } from '~~/core/listing/definition'
import type { Order, OrderKey } from '~~/core/listing/order'
import { orderBys } from '~~/core/listing/order'
import type { Rule } from '~~/core/query/rules'

/** Random content and random listings over it: small ranges, so that ties and empty answers are common. */

export const firstCollection = 1
export const termIds = [11, 12, 13, 14] as const
export const authorIds = [21, 22] as const
export const facetId = 10
/** 1 March 2026, noon in UTC. */
export const now = Date.UTC(2026, 2, 1, 12)
const day = 24 * 3600_000

/**
 * Characters in daily use in Unicode's recommended scripts (UAX #31, table 5), by ranges of code
 * points. ICU weighs newly encoded characters and archaic numerals differently from version to
 * version, and the database's ICU is another than Node's; these stand alike in both.
 */
const everydayRanges = [
  [0x20, 0x24f], [0x391, 0x3c9], [0x400, 0x4ff], [0x531, 0x556], [0x5d0, 0x5ea], [0x621, 0x64a], [0x904, 0x939],
  [0xe01, 0xe2e], [0x10d0, 0x10f0], [0x2010, 0x2027], [0x300, 0x345], [0x3041, 0x3096], [0x30a1, 0x30fa],
  [0xac00, 0xd7a3], [0x1f300, 0x1f5ff],
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
  fc.constantFrom('Éclair', 'eclair', 'Eclair', 'zebra', 'Zebra', 'äpple', 'apple', 'Øre', '10 beans', '9 beans', 'straße', 'strasse', 'a-b', 'ab', '種子', '🌱 sprout', 'ابجد'),
  fc.string({ unit: everydayCharacter, minLength: 1, maxLength: 12 }),
)

export const indexedEntries: fc.Arbitrary<readonly IndexedEntry[]> = fc
  .array(
    fc.record({
      collectionId: fc.constantFrom(firstCollection, firstCollection + 1),
      title: titles,
      publishedAt: fc.integer({ min: -60, max: 20 }).map((days) => now + days * day),
      expiresAt: fc.option(fc.integer({ min: -20, max: 20 }).map((days) => now + days * day), { freq: 2 }),
      views: fc.integer({ min: 0, max: 5 }),
      pinned: fc.boolean(),
      keys: fc.subarray([...termIds, ...authorIds]),
    }),
    { maxLength: 40 },
  )
  .map((entries) => entries.map((entry, at) => ({ ...entry, id: 1000 + at })))

const rules: fc.Arbitrary<Rule> = fc.oneof(
  fc.subarray([...termIds]).map((any): Rule => ({ rule: 'terms', facet: facetId, any })),
  fc.subarray([...authorIds]).map((any): Rule => ({ rule: 'author', any })),
  fc.integer({ min: 1, max: 80 }).map((days): Rule => ({ rule: 'published-within', days })),
)

const orders: fc.Arbitrary<Order> = fc.record({
  keys: fc
    .shuffledSubarray([...orderBys], { minLength: 1 })
    .chain((bys) => fc.tuple(...bys.map((by) => fc.record({ by: fc.constant(by), direction: fc.constantFrom<OrderKey['direction'][]>('up', 'down') })))),
  pinned: fc.constantFrom<Order['pinned'][]>('first', 'ignored'),
})

export const listings: fc.Arbitrary<Listing> = fc
  .record({
    name: fc.constantFrom('Latest', 'Most read', 'Ältere Notizen'),
    rules: fc.array(rules, { maxLength: 3 }),
    order: orders,
    skip: fc.integer({ min: 0, max: 6 }),
    take: fc.integer({ min: 1, max: 12 }),
    columns: fc.integer({ min: 1, max: 6 }),
    parts: fc.shuffledSubarray([...defaultCard.parts]),
  })
  .map(({ name, rules: chosen, order, skip, take, columns, parts }) => ({
    ...newListing(name, firstCollection),
    from: { by: 'rule', collection: firstCollection, rules: chosen },
    order,
    amount: { skip, take },
    shape: { name: 'grid', stops: [{ from: 0, columns, columnGap: 20, rowGap: 20 }] },
    card: { parts },
  }))
