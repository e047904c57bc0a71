import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Press } from '~~/core/presses/press'
import { dropOldMonths, monthsKept } from '~~/server/presses/months'
import { PressCounter } from '~~/server/presses/press-counter'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let shelf = ''
let entry = 0
const reader = {
  client: '192.0.2.7',
  agent: 'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Firefox/140.0',
  isPrivate: false,
}
const day = (text: string) => Date.parse(`${text}T12:00:00Z`)

beforeAll(async () => {
  test = await demoDatabase()
  const { rows } = await sql<{ id: string }>`
    select id::text from listings where published ->> 'name' = 'All seed shelf'`.execute(test.db)
  shelf = rows[0]?.id ?? ''
  entry = (
    await test.db.selectFrom('entry_index').select('entry_id').orderBy('entry_id').executeTakeFirstOrThrow()
  ).entry_id
})
afterAll(() => test.drop())
beforeEach(async () => {
  await sql`delete from presses`.execute(test.db)
})

const choice = (what: string, listing = shelf): Press => ({ listing, kind: 'choice', what })
const counted = async () =>
  (
    await sql<{ day: string; kind: string; what: string; count: number }>`
      select day::text, kind, what, count from presses order by day, kind, what`.execute(test.db)
  ).rows

describe('presses', () => {
  it('are counted by the day, of what is there, and nothing of whose they were', async () => {
    const counter = new PressCounter(test.db)
    for (const press of [
      choice('season:spring'),
      choice('season:spring'),
      choice('season:never'),
      choice('search:somebody’s name'),
      choice('nothing:at-all'),
      choice('season:spring', randomUUID()),
      { listing: shelf, kind: 'card', what: String(entry) } as const,
      { listing: shelf, kind: 'card', what: '2147483647' } as const,
      { listing: shelf, kind: 'card', what: '9999999999' } as const,
      { listing: shelf, kind: 'page', what: 'more' } as const,
    ])
      expect(await counter.count(press, reader)).toBe(true)
    await counter.write(day('2026-03-14'))
    expect(await counted()).toEqual([
      { day: '2026-03-14', kind: 'card', what: String(entry), count: 1 },
      { day: '2026-03-14', kind: 'choice', what: 'season:', count: 1 },
      { day: '2026-03-14', kind: 'choice', what: 'season:spring', count: 2 },
      { day: '2026-03-14', kind: 'page', what: 'more', count: 1 },
    ])
    await counter.write(day('2026-03-14'))
    expect(await counted()).toHaveLength(4)
    const columns = await sql<{ name: string }>`
      select column_name as name from information_schema.columns where table_name = 'presses'`.execute(
      test.db,
    )
    expect(columns.rows.map(({ name }) => name).toSorted()).toEqual([
      'count',
      'day',
      'kind',
      'listing_id',
      'what',
    ])
  })

  it('are not counted of programs, nor of whoever asks not to be followed', async () => {
    const counter = new PressCounter(test.db)
    const press = choice('season:spring')
    expect(await counter.count(press, { ...reader, isPrivate: true })).toBe(false)
    expect(await counter.count(press, { ...reader, agent: '' })).toBe(false)
    expect(await counter.count(press, { ...reader, agent: 'Googlebot/2.1' })).toBe(false)
    await counter.write(day('2026-03-14'))
    expect(await counted()).toEqual([])
  })

  it('of servers that write at once add up, in months that none of them had', async () => {
    const counters = Array.from({ length: 4 }, () => new PressCounter(test.db))
    for (const counter of counters)
      for (let at = 0; at < 25; at += 1) {
        await counter.count(choice('season:spring'), reader)
        await counter.count(choice('season:winter'), reader)
        await counter.count({ listing: shelf, kind: 'page', what: 'more' }, reader)
      }
    await Promise.all(counters.map((counter) => counter.write(day('2031-07-01'))))
    expect((await counted()).map(({ what, count }) => [what, count])).toEqual([
      ['season:spring', 100],
      ['season:winter', 100],
      ['more', 100],
    ])
  })

  it('of one client are counted up to a number, those of others go on', async () => {
    const counter = new PressCounter(test.db)
    const many = await Promise.all(
      Array.from({ length: 610 }, () => counter.count(choice('season:spring'), reader)),
    )
    expect(many.filter((is) => is)).toHaveLength(600)
    expect(await counter.count(choice('season:spring'), { ...reader, client: '192.0.2.8' })).toBe(true)
    await counter.write(day('2026-03-14'))
    expect(await counted()).toMatchObject([{ count: 601 }])
  })

  it('that could not be written are kept for the next time', async () => {
    const counter = new PressCounter(test.db)
    await counter.count(choice('season:spring'), reader)
    await sql`alter table presses rename to presses_away`.execute(test.db)
    await expect(counter.write(day('2026-03-14'))).rejects.toThrow()
    await sql`alter table presses_away rename to presses`.execute(test.db)
    await counter.count(choice('season:spring'), reader)
    await counter.write(day('2026-03-14'))
    expect(await counted()).toMatchObject([{ what: 'season:spring', count: 2 }])
  })

  it('go with their month, once that was kept long enough', async () => {
    const counter = new PressCounter(test.db)
    for (const month of ['2025-01', '2025-02', '2025-12', '2026-03']) {
      await counter.count(choice('season:spring'), reader)
      await counter.write(day(`${month}-15`))
    }
    expect(monthsKept).toBe(13)
    await dropOldMonths(test.db, '2026-03-01')
    expect((await counted()).map((one) => one.day)).toEqual(['2025-02-15', '2025-12-15', '2026-03-15'])
    await dropOldMonths(test.db, '2026-03-31')
    expect(await counted()).toHaveLength(3)
    await dropOldMonths(test.db, '2026-04-01')
    expect((await counted()).map((one) => one.day)).toEqual(['2025-12-15', '2026-03-15'])
  })
})
