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

/** Titles with accents, cases, digits, other scripts and emoji; none that PostgreSQL can't keep. */
export const titles = fc.oneof(
  fc.constantFrom('Éclair', 'eclair', 'Eclair', 'zebra', 'Zebra', 'äpple', 'apple', 'Øre', '10 beans', '9 beans', 'straße', 'strasse', 'a-b', 'ab', '種子', '🌱 sprout', 'ابجد'),
  fc.string({ unit: 'grapheme', minLength: 1, maxLength: 12 }).filter((text) => !/\0|\p{Surrogate}/u.test(text)),
)

export const indexedEntries: fc.Arbitrary<readonly IndexedEntry[]> = fc
  .array(
    fc.record({
      collectionId: fc.constantFrom(firstCollection, firstCollection + 1),
      title: titles,
      publishedAt: fc.integer({ min: -60, max: 20 }).map((days) => now + days * day),
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
