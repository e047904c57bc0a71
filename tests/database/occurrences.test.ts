import fc from 'fast-check'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Field } from '~~/core/content/field'
import { earliestInstant, latestInstant } from '~~/core/content/fields/date-time'
import { addCollection } from '~~/server/content/collections'
import { addEntry, loadEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { entryInputOf } from '~~/core/content/entry-input'
import { addField, saveField, setFieldDeleted } from '~~/server/content/field-writing'
import { saveHappening } from '~~/server/content/happening'
import { moveHorizon } from '~~/server/content/horizon'
import { horizon } from '~~/server/content/occurrences'
import { saveSiteFacts, siteFacts } from '~~/server/site/site-facts'
import { fieldInput } from '../support/fields'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

const dayMs = 86_400_000
const hour = 3_600_000
/** Tomorrow at ten o'clock UTC. */
const soon = Math.ceil(Date.now() / dayMs) * dayMs + dayMs + 10 * hour

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let collectionId: number
let starts: Field
let ends: Field
let repeats: Field
let count = 0

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())
beforeEach(async () => {
  count += 1
  await test.db.deleteFrom('repeating_entries').execute()
  const input = {
    name: `Swap days ${count}`,
    singular: 'Swap day',
    plural: 'Swap days',
    icon: 'calendar',
    kind: 'event',
    address: `/swap-days-${count}/{slug}`,
    facets: [],
  }
  collectionId = (await addCollection(test.db, input)).id
  starts = await addField(test.db, collectionId, fieldInput('date-time', 'starts'))
  ends = await addField(test.db, collectionId, fieldInput('date-time', 'ends'))
  repeats = await addField(test.db, collectionId, fieldInput('recurrence', 'repeats'))
})

const saying = (more: object = {}) => ({
  when: {
    start: starts.id,
    end: ends.id,
    length: null,
    wholeDays: null,
    repeats: repeats.id,
    zone: null,
    ...more,
  },
  where: null,
  track: null,
})

async function add(rule: unknown, start = soon, title = 'Swap'): Promise<number> {
  const values = {
    [starts.id]: start,
    [ends.id]: start + 2 * hour,
    ...(rule !== null && { [repeats.id]: rule }),
  }
  const slug = title.toLowerCase().replaceAll(' ', '-')
  return (await addEntry(test.db, collectionId, { ...rain, title, slug, values }, site.writer)).id
}

async function times(id: number): Promise<readonly number[]> {
  const rows = await test.db
    .selectFrom('occurrences')
    .selectAll()
    .where('entry_id', '=', id)
    .orderBy('starts_at')
    .execute()
  expect(rows.every((row) => row.collection_id === collectionId)).toBe(true)
  return rows.map((row) => row.starts_at.getTime())
}

async function change(id: number, values: object): Promise<void> {
  const entry = await loadEntry(test.db, id)
  const input = entryInputOf(entry)
  await saveEntry(
    test.db,
    id,
    entry.version,
    { ...input, values: { ...input.values, ...values } },
    site.writer,
  )
}

describe('the times at which entries happen', () => {
  it('are written down when an entry is saved: one, or those of its rule within the horizon', async () => {
    await saveHappening(test.db, collectionId, saying())
    expect(await times(await add(null))).toEqual([soon])
    const weekly = await times(await add('FREQ=WEEKLY', soon, 'Weekly'))
    expect(weekly.slice(0, 3)).toEqual([soon, soon + 7 * dayMs, soon + 14 * dayMs])
    expect(weekly.at(-1)).toBeGreaterThan(Date.now() + horizon.ahead - 8 * dayMs)
    expect(weekly.at(-1)).toBeLessThan(Date.now() + horizon.ahead)
    // What repeats since long ago is there from the horizon on, what does not, whenever it was.
    const old = soon - 4000 * dayMs
    const daily = await times(await add('FREQ=DAILY', old, 'Daily'))
    expect(daily[0]).toBeGreaterThan(Date.now() - horizon.behind - dayMs)
    expect(await times(await add(null, old, 'Once'))).toEqual([old])
  })

  it('follow the entry, its single dates, and the deletion of what they come from', async () => {
    await saveHappening(test.db, collectionId, saying())
    const id = await add('FREQ=WEEKLY;COUNT=3')
    const on = (at: number) => new Date(at).toISOString().slice(0, 16)
    await change(id, {
      [repeats.id]: {
        rule: 'FREQ=WEEKLY;COUNT=3',
        added: [],
        changes: [
          { is: 'cancelled', on: on(soon) },
          { is: 'moved', on: on(soon + 7 * dayMs), to: on(soon + 8 * dayMs), minutes: 30 },
        ],
      },
    })
    const rows = await test.db
      .selectFrom('occurrences')
      .selectAll()
      .where('entry_id', '=', id)
      .orderBy('key')
      .execute()
    expect(
      rows.map((row) => [
        row.key.getTime(),
        row.starts_at.getTime(),
        (row.ends_at.getTime() - row.starts_at.getTime()) / hour,
        row.is_cancelled,
      ]),
    ).toEqual([
      [soon, soon, 2, true],
      [soon + 7 * dayMs, soon + 8 * dayMs, 0.5, false],
      [soon + 14 * dayMs, soon + 14 * dayMs, 2, false],
    ])
    await change(id, { [repeats.id]: null })
    expect(await times(id)).toEqual([soon])
    await setFieldDeleted(test.db, starts.id, true)
    expect(await times(id)).toEqual([])
    await setFieldDeleted(test.db, starts.id, false)
    expect(await times(id)).toEqual([soon])
  })

  it('are there again with an entry that comes back, whatever happened to its collection meanwhile', async () => {
    await saveHappening(test.db, collectionId, saying())
    const id = await add('FREQ=WEEKLY;COUNT=2')
    await setEntryDeleted(test.db, id, true)
    await setFieldDeleted(test.db, ends.id, true)
    await setFieldDeleted(test.db, ends.id, false)
    await setEntryDeleted(test.db, id, false)
    expect(await times(id)).toEqual([soon, soon + 7 * dayMs])
  })

  it('are written down for the first and the last of all days, in every zone, and for whatever is set', async () => {
    const [day, zone] = await Promise.all([
      addField(test.db, collectionId, fieldInput('date', 'day')),
      addField(test.db, collectionId, fieldInput('zone', 'zone')),
    ])
    const zones = fc.constantFrom(
      'UTC',
      'Pacific/Auckland',
      'Pacific/Apia',
      'America/Los_Angeles',
      'Asia/Kathmandu',
    )
    const instants = fc.constantFrom(
      earliestInstant,
      earliestInstant + hour,
      latestInstant - hour,
      latestInstant,
      soon,
    )
    const moments = fc.constantFrom('0001-01-01T00:00', '9999-12-31T23:59', '2026-12-23T10:00')
    const rules = fc.constantFrom(
      '',
      'FREQ=DAILY',
      'FREQ=YEARLY;INTERVAL=1000',
      'FREQ=DAILY;INTERVAL=7;BYDAY=MO;COUNT=10000',
    )
    const repetitions = fc
      .record({
        rule: rules,
        added: fc.array(moments, { minLength: 1, maxLength: 2 }),
        changes: fc.array(fc.record({ is: fc.constant('moved'), on: moments, to: moments }), {
          maxLength: 2,
        }),
      })
      .map((value) => value as unknown)
    const begins = fc.constantFrom('0001-01-01', '9999-12-31', '2026-12-23')
    let at = 0
    await fc.assert(
      fc.asyncProperty(
        zones,
        instants,
        instants,
        repetitions,
        begins,
        fc.boolean(),
        async (of, from, to, again, first, isOfDays) => {
          const by = isOfDays ? { start: day.id, end: null } : { zone: zone.id }
          await saveHappening(test.db, collectionId, saying(by))
          at += 1
          const values = {
            [starts.id]: from,
            [ends.id]: to,
            [repeats.id]: again,
            [day.id]: first,
            [zone.id]: of,
          }
          const entry = { ...rain, title: `Event ${at}`, slug: `event-${at}`, values }
          const { id } = await addEntry(test.db, collectionId, entry, site.writer)
          const rows = await test.db
            .selectFrom('occurrences')
            .selectAll()
            .where('entry_id', '=', id)
            .execute()
          expect(rows.every((row) => row.ends_at >= row.starts_at)).toBe(true)
          // Else those of each would be written anew for every other one.
          await test.db.deleteFrom('entries').where('id', '=', id).execute()
        },
      ),
      { numRuns: 40 },
    )
  })

  it('follow what the collection says, and are none where it says nothing', async () => {
    const id = await add('FREQ=WEEKLY;COUNT=2')
    expect(await times(id)).toEqual([])
    await saveHappening(test.db, collectionId, saying())
    expect(await times(id)).toEqual([soon, soon + 7 * dayMs])
    await saveHappening(test.db, collectionId, saying({ repeats: null }))
    expect(await times(id)).toEqual([soon])
    await saveHappening(test.db, collectionId, { when: null, where: null, track: null })
    expect(await times(id)).toEqual([])
  })

  it('go by the site’s clock, and follow it to another zone', async () => {
    await saveHappening(test.db, collectionId, saying())
    const winter = Date.UTC(new Date().getUTCFullYear() + 1, 0, 10, 10)
    const id = await add('FREQ=MONTHLY;COUNT=7', winter)
    expect((await times(id)).map((at) => new Date(at).getUTCHours())).toEqual([10, 10, 10, 10, 10, 10, 10])
    await saveSiteFacts(test.db, { ...(await siteFacts(test.db)), zone: 'Europe/London' })
    await expect
      .poll(async () => (await times(id)).map((at) => new Date(at).getUTCHours()), { timeout: 20_000 })
      .toEqual([10, 10, 10, 9, 9, 9, 9])
    await saveSiteFacts(test.db, { ...(await siteFacts(test.db)), zone: 'UTC' })
  })

  it('refuse fields that cannot say when', async () => {
    const problem = await problemOf(saveHappening(test.db, collectionId, saying({ start: repeats.id })))
    expect(problem.details.faults?.map((fault) => fault.path)).toContain('when.start')
  })
})

describe('the horizon', () => {
  it('moves on: only what has a time between is touched, and what it leaves behind is dropped', async () => {
    await saveHappening(test.db, collectionId, saying())
    const [daily, yearly, over, once] = [
      await add('FREQ=DAILY', soon - 500 * dayMs, 'Daily'),
      await add('FREQ=YEARLY', soon + 20 * dayMs, 'Yearly'),
      await add('FREQ=DAILY;COUNT=4', soon, 'Over'),
      await add(null, soon - 900 * dayMs, 'Once'),
    ]
    const before = await Promise.all([daily, yearly, over, once].map(times))
    const tomorrow = Date.now() + dayMs
    expect(await moveHorizon(test.db, tomorrow)).toBe(1)
    expect(await moveHorizon(test.db, tomorrow)).toBe(0)
    const after = await Promise.all([daily, yearly, over, once].map(times))
    expect(after[0]).toEqual([...(before[0] ?? []).slice(1), (before[0]?.at(-1) ?? 0) + dayMs])
    expect(after.slice(1)).toEqual(before.slice(1))
    // A year on, the yearly one has come again.
    await moveHorizon(test.db, Date.now() + 366 * dayMs)
    expect(await times(yearly)).toHaveLength((before[1]?.length ?? 0) + 1)
    expect(await times(once)).toEqual(before[3])
  })

  it('gives what writing all anew would give, however it was moved, by many servers at once', async () => {
    await saveHappening(test.db, collectionId, saying())
    const rules = [
      'FREQ=DAILY;INTERVAL=3',
      'FREQ=MONTHLY;BYDAY=1SA',
      'FREQ=WEEKLY;BYDAY=WE,FR',
      'FREQ=YEARLY',
    ]
    const ids = await Promise.all(rules.map((rule, at) => add(rule, soon, `Event ${at}`)))
    const later = Date.now() + 200 * dayMs
    for (const days of [1, 2, 40, 200])
      await Promise.all([0, 1, 2].map(() => moveHorizon(test.db, Date.now() + days * dayMs)))
    const moved = await Promise.all(ids.map(times))
    for (const [at, id] of ids.entries()) {
      const rows = moved[at] ?? []
      expect(new Set(rows).size).toBe(rows.length)
      expect(rows.at(-1)).toBeLessThan(later + horizon.ahead)
      const { next_at: next } = await test.db
        .selectFrom('repeating_entries')
        .select('next_at')
        .where('entry_id', '=', id)
        .executeTakeFirstOrThrow()
      expect(next?.getTime()).toBeGreaterThanOrEqual(later + horizon.ahead)
    }
    expect(moved[0]?.every((at, place) => at === soon + place * 3 * dayMs)).toBe(true)
  })

  it('comes to an end also where what repeats says no longer when', async () => {
    await saveHappening(test.db, collectionId, saying())
    await add('FREQ=DAILY')
    // As between a change of the collection and the writing anew that follows it.
    await test.db
      .updateTable('collections')
      .set({ happening: JSON.stringify({ when: null, where: null, track: null }) })
      .where('id', '=', collectionId)
      .execute()
    const stopping = AbortSignal.timeout(3000)
    expect(await moveHorizon(test.db, Date.now() + dayMs, stopping)).toBe(1)
    expect(stopping.aborted).toBe(false)
  })

  it('gets in the way of no editor, and no editor in its way', async () => {
    await saveHappening(test.db, collectionId, saying())
    const ids = await Promise.all(
      Array.from({ length: 6 }, (_, at) => add('FREQ=DAILY', soon, `Event ${at}`)),
    )
    await Promise.all([
      moveHorizon(test.db, Date.now() + 3 * dayMs),
      moveHorizon(test.db, Date.now() + 5 * dayMs),
      ...ids.map((id) => change(id, { [repeats.id]: 'FREQ=DAILY;INTERVAL=2' })),
      saveField(test.db, ends.id, { ...fieldInput('date-time', 'ends'), name: 'Ends' }),
    ])
    for (const id of ids) {
      const own = await times(id)
      expect(own.every((at, place) => at === soon + place * 2 * dayMs)).toBe(true)
    }
  })
})
