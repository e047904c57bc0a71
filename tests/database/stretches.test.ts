import fc from 'fast-check'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { happensNever } from '~~/core/content/happening'
import { rowName } from '~~/core/content/row'
import { evaluate } from '~~/core/query/evaluate'
import { planWithin } from '~~/core/query/stretch'
import { shapes } from '~~/core/shapes'
import type { ShapeChoice } from '~~/core/shapes'
import { lanesOf } from '~~/core/time/lanes'
import type { Occurrence } from '~~/core/time/occurrences'
import { firstPage } from '~~/core/query/page-asked'
import { askingAnew } from '~~/server/listings/ask'
import { listingPlan } from '~~/server/listings/plan'
import { knownSite } from '~~/server/listings/context'
import { blankIndexed } from '../support/rows'
import { fillIndex, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
  await smallSite(test.db)
})
afterAll(() => test.drop())

const dayMs = 86_400_000
const hour = 3_600_000
const now = Date.UTC(2026, 11, 3, 11, 20)
const asked = { now, page: null, visit: '' }
const calendar: Listing = {
  ...newListing('Days', 1),
  shape: { ...shapes.get('calendar').defaults, name: 'calendar' } as unknown as ShapeChoice,
}

const date = (startsAt: number, length: number): Occurrence => ({
  key: startsAt,
  startsAt,
  endsAt: startsAt + length,
  isWholeDays: false,
  isCancelled: false,
})

/** Entries, each with its dates, around December 2026. */
const dated = fc.array(
  fc
    .uniqueArray(fc.integer({ min: -60 * 24, max: 90 * 24 }), { maxLength: 6 })
    .chain((starts) =>
      fc.tuple(
        ...starts.map((start) =>
          fc
            .oneof(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 24, max: 20 * 24 }))
            .map((hours) => date(Date.UTC(2026, 11, 1) + start * hour, hours * hour)),
        ),
      ),
    ),
  { maxLength: 15 },
)

async function fill(lists: readonly (readonly Occurrence[])[]) {
  const entries = lists.map((_, at) => ({
    ...blankIndexed,
    id: at + 1,
    title: `Entry ${at}`,
    publishedAt: now - dayMs,
    keys: at % 2 === 0 ? [900] : [],
  }))
  const dates = new Map(lists.map((list, at) => [at + 1, list]))
  await fillIndex(test.db, entries, dates)
  await test.db
    .updateTable('collections')
    .set({ happening: JSON.stringify({ ...happensNever, when: { start: 1 } }) as never })
    .where('id', '=', 1)
    .execute()
  return { entries, dates }
}

/** Every date, with its row's name. */
const rowsOf = (lists: readonly (readonly Occurrence[])[]) =>
  lists.flatMap((list, at) => list.map((one) => ({ ...one, name: rowName({ id: at + 1, at: one.key }) })))

const endOf = ({ startsAt, endsAt }: Occurrence) => Math.max(endsAt, startsAt + 1)

const anyState = fc.constantFrom(null, 'toCome' as const, 'over' as const)
const isSo = ({ startsAt, endsAt }: Occurrence, state: 'toCome' | 'over' | null) =>
  state === null || (state === 'toCome' ? startsAt > now : endsAt <= now)

it('are all that happens in them, in order: by SQL, in memory and by a plain reading', async () => {
  const known = await knownSite(test.db)
  await fc.assert(
    fc.asyncProperty(dated, fc.boolean(), anyState, async (lists, isNarrowed, state) => {
      const { entries, dates } = await fill(lists)
      const listing: Listing = {
        ...calendar,
        from: { ...calendar.from, rules: state === null ? [] : [{ rule: 'when', asked: { is: state } }] },
      }
      const stretch = {
        from: Date.UTC(2026, 10, 30),
        before: Date.UTC(2027, 0, 4),
        term: isNarrowed ? 900 : null,
        margin: 0,
      }
      const plan = await listingPlan(test.db, known, listing, asked, [])
      const shown = await askingAnew(test.db).shown(listing, asked, [], {
        ...firstPage,
        turn: isNarrowed ? 'month-2026-12_900' : 'month-2026-12',
      })
      const within = rowsOf(lists).filter(
        (one) =>
          one.startsAt < stretch.before &&
          endOf(one) > stretch.from &&
          isSo(one, state) &&
          (!isNarrowed || Number(one.name.split('@')[0]) % 2 === 1),
      )
      const names = shown.rows.map(rowName)
      expect(new Set(names)).toEqual(new Set([...names, ...within.map((one) => one.name)]))
      const inMemory = evaluate(planWithin(plan, stretch, 'dates'), entries, 'en-GB', {
        dates,
      })
      expect(new Set(inMemory.rows.map(rowName))).toEqual(new Set(within.map((one) => one.name)))
      const inStretch = shown.rows.filter((row) => within.some((one) => one.name === rowName(row)))
      expect(inStretch.map(rowName)).toEqual(inMemory.rows.map(rowName))
      // Beyond that only what gives what lies across days its lane.
      const others = rowsOf(lists).filter(
        (one) => names.includes(one.name) && !within.some((inside) => inside.name === one.name),
      )
      for (const other of others) {
        expect(other.endsAt - other.startsAt).toBeGreaterThanOrEqual(dayMs)
        expect(isSo(other, state)).toBe(true)
      }
    }),
    { numRuns: 60 },
  )
})

it('have with them all that is needed for each bar to keep its lane', async () => {
  await fc.assert(
    fc.asyncProperty(dated, async (lists) => {
      await fill(lists)
      const { rows } = await askingAnew(test.db).shown(calendar, asked, [], {
        ...firstPage,
        turn: 'month-2026-12',
      })
      const names = new Set(rows.map(rowName))
      const byDays = (all: ReturnType<typeof rowsOf>) => {
        const long = all
          .filter((one) => one.endsAt - one.startsAt >= dayMs)
          .toSorted(
            (a, b) => a.startsAt - b.startsAt || Number(a.name.split('@')[0]) - Number(b.name.split('@')[0]),
          )
        const lanes = lanesOf(
          long.map((one) => ({
            startsAt: Math.floor(one.startsAt / dayMs),
            endsAt: Math.floor((one.endsAt - 1) / dayMs) + 1,
          })),
        )
        return new Map(long.map((one, at) => [one.name, lanes[at]]))
      }
      const [all, known] = [byDays(rowsOf(lists)), byDays(rowsOf(lists).filter((one) => names.has(one.name)))]
      for (const [name, lane] of known) expect(all.get(name)).toBe(lane)
    }),
    { numRuns: 40 },
  )
})

it('say when the next thing begins where nothing happens in them, of the term that is asked for', async () => {
  await fill([[date(Date.UTC(2027, 4, 8, 9), hour)], [date(Date.UTC(2027, 2, 1, 9), hour)]])
  const asker = askingAnew(test.db)
  expect(await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-12' })).toMatchObject({
    rows: [],
    later: Date.UTC(2027, 2, 1, 9),
  })
  expect(await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-12_900' })).toMatchObject({
    later: Date.UTC(2027, 4, 8, 9),
  })
  expect(await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2027-06' })).toMatchObject({
    rows: [],
    later: null,
  })
  expect((await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2027-05' })).later).toBeNull()
})

it('say so too where all that happens may lie beside them by its own clock', async () => {
  const beside = Date.UTC(2026, 10, 30, 1)
  await fill([[date(beside, hour)], [date(Date.UTC(2027, 4, 8, 9), hour)]])
  const asker = askingAnew(test.db)
  const own = { ...calendar, shape: { ...calendar.shape, clock: 'event' } } as typeof calendar
  const [first] = (await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-12' })).rows
  expect(await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-12' })).toMatchObject({
    later: null,
  })
  expect(await asker.shown(own, asked, [], { ...firstPage, turn: 'month-2026-12' })).toMatchObject({
    rows: [first],
    later: Date.UTC(2027, 4, 8, 9),
  })
  expect(await asker.shown(own, asked, [], { ...firstPage, turn: 'month-2027-05' })).toMatchObject({
    later: null,
  })
})

it('have what was published in them where no entry says when it happens', async () => {
  await fill([[], []])
  await test.db
    .updateTable('collections')
    .set({ happening: JSON.stringify(happensNever) as never })
    .where('id', '=', 1)
    .execute()
  const asker = askingAnew(test.db)
  const { rows } = await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-12' })
  expect(rows.map((row) => row.id).toSorted()).toEqual([1, 2])
  expect(await asker.shown(calendar, asked, [], { ...firstPage, turn: 'month-2026-08' })).toMatchObject({
    rows: [],
    later: now - dayMs,
  })
})
