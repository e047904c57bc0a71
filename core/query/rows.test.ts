import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { contexts as chosenContexts, datedEntries, now } from '~~/tests/support/arbitraries'
import { blankIndexed } from '~~/tests/support/rows'
import { trialWords } from '~~/tests/support/trial-fields'
import type { IndexedEntry } from '../content/entry'
import { newListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import type { From } from '../listing/from'
import { plainContext } from '../rules/context'
import { whenStates } from '../rules/when'
import type { WhenRule } from '../rules/when'
import type { Occurrence } from '../time/occurrences'
import { evaluate } from './evaluate'
import { planOf } from './plan'

type Dates = ReadonlyMap<number, readonly Occurrence[]>
const hour = 3_600_000

const asking = (asked: WhenRule['asked'], dates: From['dates'], direction: 'up' | 'down' = 'up'): Listing => {
  const plain = newListing('Days', 1)
  return {
    ...plain,
    from: { ...plain.from, rules: [{ rule: 'when', asked }], dates },
    order: { keys: [{ by: 'when', direction }], pinned: 'ignored' },
    amount: { ...plain.amount, take: 500 },
  }
}

/** What is asked, as it is said: a plain second reading of the rules. */
const isMeant: Record<(typeof whenStates)[number], (one: Occurrence) => boolean> = {
  toCome: (one) => one.startsAt > now,
  running: (one) => one.startsAt <= now && one.endsAt > now,
  notOver: (one) => one.endsAt > now,
  over: (one) => one.endsAt <= now,
}

/** Every date that is meant, of entries that visitors see, by when it begins. */
function meant(entries: readonly IndexedEntry[], dates: Dates, test: (one: Occurrence) => boolean) {
  return entries
    .filter((entry) => entry.collectionId === 1)
    .filter((entry) => entry.publishedAt <= now && (entry.expiresAt === null || entry.expiresAt > now))
    .flatMap((entry) => (dates.get(entry.id) ?? []).filter(test).map((one) => ({ id: entry.id, one })))
    .toSorted((a, b) => a.one.startsAt - b.one.startsAt || a.id - b.id || a.one.key - b.one.key)
}

/** What rows there are is told without what visitors choose of them. */
const contexts = chosenContexts.map((context) => ({ ...context, choices: [] }))

describe('rules on when, over random dates', () => {
  it('leave every date that is meant, in order', () => {
    fc.assert(
      fc.property(datedEntries, fc.constantFrom(...whenStates), contexts, ([entries, dates], is, context) => {
        const plan = planOf(asking({ is }, 'every'), { ...context, page: null, above: [] })
        const expected = meant(entries, dates, isMeant[is]).map(({ id, one }) => ({ id, at: one.key }))
        expect(evaluate(plan, entries, 'en', { dates }).rows).toEqual(expected)
      }),
    )
  })

  it('leave each entry once: at its next date, or its last where none comes', () => {
    fc.assert(
      fc.property(datedEntries, fc.constantFrom(...whenStates), contexts, ([entries, dates], is, context) => {
        const plan = planOf(asking({ is }, 'once'), { ...context, page: null, above: [] })
        const all = meant(entries, dates, isMeant[is])
        const once = [...new Set(all.map(({ id }) => id))].map((id) => {
          const own = all.filter((row) => row.id === id)
          return own.find(({ one }) => one.endsAt > now) ?? own.at(-1)
        })
        const expected = all.filter((row) => once.includes(row)).map(({ id, one }) => ({ id, at: one.key }))
        const answer = evaluate(plan, entries, 'en', { dates })
        expect(answer.rows).toEqual(expected)
        expect(answer.counts.at(-1)).toBe(expected.length)
      }),
    )
  })

  it('take what happens at any time of a stretch, by the days of the site’s zone', () => {
    const window = fc.record({ first: fc.integer({ min: -9, max: 9 }), days: fc.integer({ min: 0, max: 5 }) })
    fc.assert(
      fc.property(datedEntries, window, contexts, ([entries, dates], { first, days }, context) => {
        const { zone } = context.words
        const from = DateTime.fromISO('2026-03-01', { zone }).plus({ days: first })
        const [begin, end] = [from.toMillis(), from.plus({ days: days + 1 }).toMillis()]
        const asked = {
          is: 'within',
          window: {
            is: 'between',
            from: from.toISODate() ?? '',
            to: from.plus({ days }).toISODate() ?? '',
          },
        } as const
        const plan = planOf(asking(asked, 'every'), { ...context, page: null, above: [] })
        const within = (one: Occurrence) =>
          one.startsAt < end && (one.endsAt > begin || one.startsAt >= begin)
        expect(evaluate(plan, entries, 'en', { dates }).rows).toEqual(
          meant(entries, dates, within).map(({ id, one }) => ({ id, at: one.key })),
        )
      }),
    )
  })
})

it('puts what does not happen last, where only the order asks when', () => {
  const entry = (id: number) => ({ ...blankIndexed, id, publishedAt: now - hour })
  const date = (startsAt: number): Occurrence => ({
    key: startsAt,
    startsAt,
    endsAt: startsAt + hour,
    isWholeDays: false,
    isCancelled: false,
  })
  const dates = new Map([
    [1, [date(now - 9 * hour), date(now + 5 * hour), date(now + 50 * hour)]],
    [3, [date(now + hour)]],
  ])
  const plain = newListing('Days', 1)
  const listing: Listing = { ...plain, order: { keys: [{ by: 'when', direction: 'up' }], pinned: 'ignored' } }
  const context = plainContext(now, trialWords)
  const entries = [entry(1), entry(2), entry(3)]
  expect(evaluate(planOf(listing, context), entries, 'en', { dates }).rows).toEqual([
    { id: 3, at: now + hour },
    { id: 1, at: now + 5 * hour },
    { id: 2, at: null },
  ])
})
