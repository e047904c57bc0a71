import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { newFitting } from '~~/core/fittings'
import { newListing, storedListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import type { Placement } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { addEntry, saveEntry } from '~~/server/content/entries'
import { askingKept } from '~~/server/listings/ask'
import { knownSite } from '~~/server/listings/context'
import { changesBetween, ChangeFeed } from '~~/server/live/change-feed'
import { DependentCache } from '~~/server/live/dependent-cache'
import { PageWatches } from '~~/server/live/page-watches'
import { Places } from '~~/server/live/places'
import { recordChange } from '~~/server/live/record-change'
import { ReadCounter } from '~~/server/reads/read-counter'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { idsOf } from '../support/rows'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let feed: ChangeFeed
let watches: PageWatches
const soon = { timeout: 30_000, interval: 20 }
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  feed = new ChangeFeed(test.db, test.url)
  await feed.start()
  await feed.settled()
  watches = new PageWatches(test.db, feed, () => knownSite(test.db))
})
afterAll(async () => {
  watches.stop()
  await feed.stop()
  await test.drop()
})

async function publishedWith(listing: Listing): Promise<number> {
  const [id, definition] = [randomUUID(), JSON.stringify(storedListing(listing))]
  await test.db.insertInto('listings').values({ id, draft: definition, published: definition }).execute()
  const page = JSON.stringify({
    version: 1,
    title: 'Page',
    introduction: '',
    frame: 'main-side',
    areas: { main: [{ id: randomUUID(), listing: id, heading: '' }], side: [] },
    shelf: [],
  })
  return (
    await test.db
      .insertInto('pages')
      .values({ path: `/${id}`, position: 1, draft: page, draft_by: null, published: page })
      .returning('id')
      .executeTakeFirstOrThrow()
  ).id
}

async function snapshot(): Promise<string> {
  return (
    (await sql<{ now: string }>`select pg_current_snapshot()::text as now`.execute(test.db)).rows[0]?.now ??
    ''
  )
}

const listing = (change: (before: Listing) => Listing = (before) => before) =>
  change(newListing('Notes', site.collectionId))

describe('an open page', () => {
  it('is told once of a change, however many have it open, and nobody of what concerns other pages', async () => {
    const page = await publishedWith(listing())
    const told = [0, 0, 0]
    const leave = told.map((_, at) => watches.open(page, () => (told[at] = (told[at] ?? 0) + 1), null))
    const entry = await addEntry(test.db, site.collectionId, { ...rain, slug: 'told' }, site.writer)
    await vi.waitFor(() => expect(told).toEqual([1, 1, 1]), soon)
    leave[0]?.()
    await saveEntry(test.db, entry.id, 1, { ...rain, slug: 'told', title: 'Other' }, site.writer)
    await vi.waitFor(() => expect(told).toEqual([1, 2, 2]), soon)
    await test.db
      .transaction()
      .execute((trx) => recordChange(trx, { kind: 'collection', subjectId: 999_999 }))
    await test.db
      .transaction()
      .execute((trx) => recordChange(trx, { kind: 'reads', subjectId: site.collectionId }))
    await feed.settled()
    expect(told).toEqual([1, 2, 2])
    leave.forEach((one) => one())
  })

  it('is told at once of what happened since it was made, and of nothing where nothing did', async () => {
    const page = await publishedWith(listing())
    const before = await snapshot()
    await addEntry(test.db, site.collectionId, { ...rain, slug: 'missed' }, site.writer)
    // What the feed itself has yet to tell would be told once more.
    await vi.waitFor(
      async () => expect(await changesBetween(test.db, feed.seen() ?? '', null)).toEqual([]),
      soon,
    )
    const told = { behind: 0, upToDate: 0, unknown: 0, broken: 0 }
    const leave = [
      watches.open(page, () => (told.behind += 1), { snapshot: before, at: Date.now() }),
      watches.open(page, () => (told.upToDate += 1), { snapshot: await snapshot(), at: Date.now() }),
      watches.open(page, () => (told.unknown += 1), { snapshot: null, at: Date.now() }),
      watches.open(page, () => (told.broken += 1), { snapshot: '1:2; drop table changes', at: Date.now() }),
    ]
    await vi.waitFor(() => expect(told).toMatchObject({ behind: 1, unknown: 1, broken: 1 }), soon)
    expect(told.upToDate).toBe(0)
    leave.forEach((one) => one())
  })

  it('is told when the clock turns over what it shows: a window of dates, a moment of a field, a daily shuffle', async () => {
    const midnight = Date.UTC(2026, 5, 11)
    const page = await publishedWith(
      listing((before) => ({
        ...before,
        from: { ...before.from, rules: [{ rule: 'date', window: { is: 'last', count: 3, unit: 'day' } }] },
      })),
    )
    const shuffled = await publishedWith(
      listing((before) => ({
        ...before,
        order: { keys: [{ by: 'shuffle', span: 'day', number: 1 }], pinned: 'ignored' },
      })),
    )
    let told = 0
    // As if it had been made the day before: the clock has turned since.
    const now = await snapshot()
    const leave = [page, shuffled].map((one) =>
      watches.open(one, () => (told += 1), { snapshot: now, at: midnight - 1000 }),
    )
    await vi.waitFor(() => expect(told).toBe(2), soon)
    leave.forEach((one) => one())
  })

  it('is told of any entry of the site where an index stands on it, also of one that comes by the clock', async () => {
    const index: Placement = { kind: 'fitting', id: randomUUID(), heading: '', fitting: newFitting('terms') }
    const published = JSON.stringify(withPlacementsAt(newPage('Index'), '2/0', [index]))
    const { id: page } = await test.db
      .insertInto('pages')
      .values({ path: '/index', position: 1, draft: published, draft_by: null, published })
      .returning('id')
      .executeTakeFirstOrThrow()
    const told: number[] = []
    const leave = [watches.open(page, () => told.push(Date.now()), null)]
    await addEntry(test.db, site.collectionId, { ...rain, slug: 'indexed' }, site.writer)
    await vi.waitFor(() => expect(told).toHaveLength(1), soon)
    const publishedAt = Date.now() + 1500
    await addEntry(test.db, site.collectionId, { ...rain, slug: 'by-the-clock', publishedAt }, site.writer)
    await vi.waitFor(() => expect(told.some((at) => at >= publishedAt)).toBe(true), soon)
    leave.forEach((one) => one())
  })

  it('reaches back no further than the log does', async () => {
    const before = await snapshot()
    await test.db.transaction().execute((trx) => recordChange(trx, { kind: 'page', subjectId: 1 }))
    expect(await changesBetween(test.db, before, null)).toContainEqual({ kind: 'page', subjectId: 1 })
    await sql`delete from changes where id < (select max(id) from changes)`.execute(test.db)
    expect(await changesBetween(test.db, '3:3:', null)).toBeNull()
    expect(await changesBetween(test.db, '99999999999:99999999999:', null)).toBeNull()
  })
})

describe('places for streams', () => {
  it('are bounded for one client and in all, and free again when left', () => {
    const places = new Places({ ofOne: 2, inAll: 3 })
    const first = places.take('a')
    expect(
      [first, places.take('a'), places.take('a'), places.take('b'), places.take('c')].map(
        (one) => one !== null,
      ),
    ).toEqual([true, true, false, true, false])
    first?.()
    first?.()
    expect([places.take('a') !== null, places.take('b') !== null]).toEqual([true, false])
  })
})

describe('reads', () => {
  const person = {
    client: '192.0.2.7',
    agent:
      'Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36',
  }

  it('are counted once a reader a day, of people alone, and written together', async () => {
    const entry = await addEntry(test.db, site.collectionId, { ...rain, slug: 'read' }, site.writer)
    const counter = new ReadCounter(test.db)
    const now = Date.now()
    const counted = [
      person,
      person,
      { ...person, client: '192.0.2.8' },
      {
        client: '192.0.2.9',
        agent: 'Mozilla/5.0 (compatible; Googlebot/2.1; +http://www.google.com/bot.html)',
      },
      { client: '192.0.2.9', agent: '' },
    ]
    expect(counted.map((reader) => counter.count(entry.id, reader, now))).toEqual([
      true,
      false,
      true,
      false,
      false,
    ])
    counter.count(2_000_000_000, person, now)
    await counter.write(now)
    await counter.write(now)
    const views = await test.db
      .selectFrom('entry_index')
      .select('views')
      .where('entry_id', '=', entry.id)
      .executeTakeFirstOrThrow()
    expect(views.views).toBe(2)
    expect(
      await test.db.selectFrom('entry_reads').select('count').where('entry_id', '=', entry.id).execute(),
    ).toEqual([{ count: 2 }])
    expect(counter.count(entry.id, person, now + 86_400_000)).toBe(true)
  })

  it('change what is kept of listings by reads, and of no others', async () => {
    const asker = askingKept(test.db, new DependentCache(feed))
    const asked = { now: Date.now(), page: null, visit: '' }
    const byReads = listing((before) => ({
      ...before,
      order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
    }))
    const later = await addEntry(test.db, site.collectionId, { ...rain, slug: 'most-read' }, site.writer)
    await feed.settled()
    await vi.waitFor(
      async () => expect(idsOf(await asker.shown(listing(), asked, []))).toContain(later.id),
      soon,
    )
    expect(idsOf(await asker.shown(byReads, asked, []))[0]).not.toBe(later.id)
    const counter = new ReadCounter(test.db)
    for (let at = 0; at < 9; at += 1)
      counter.count(later.id, { ...person, client: `198.51.100.${at}` }, asked.now)
    await counter.write(asked.now)
    await vi.waitFor(async () => expect(idsOf(await asker.shown(byReads, asked, []))[0]).toBe(later.id), soon)
  })
})
