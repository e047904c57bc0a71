import { sql } from 'kysely'
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { planOf } from '~~/core/query/plan'
import { plainContext } from '~~/core/rules/context'
import { changeInBulk, undoBulkChange } from '~~/server/content/bulk'
import { addEntry, saveEntry } from '~~/server/content/entries'
import { answerOf } from '~~/server/listings/answer'
import { ChangeFeed } from '~~/server/live/change-feed'
import { recordChange } from '~~/server/live/record-change'
import type { Change } from '~~/server/live/record-change'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import { trialWords } from '../support/trial-fields'
import type { TestDatabase } from './support/database'
import { idsOf } from '../support/rows'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
const feeds: ChangeFeed[] = []
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterEach(async () => {
  await Promise.all(feeds.splice(0).map((feed) => feed.stop()))
})
afterAll(() => test.drop())

/** A feed as a server of its own would have, and what it has told. */
async function listen(): Promise<Change[]> {
  const told: Change[] = []
  const feed = new ChangeFeed(test.db, test.url, looksNever)
  feeds.push(feed)
  feed.subscribe((changes) => told.push(...changes))
  await feed.start()
  await feed.settled()
  return told
}

const soon = { timeout: 30_000, interval: 10 }
/** Only notices and the clock wake a feed, or a lost notice would be made good before anybody saw. */
const looksNever = 3600_000

describe('the change feed', () => {
  it('tells every server of a write once it is committed, and of nothing before', async () => {
    const one = await listen()
    const two = await listen()
    const entry = await addEntry(test.db, site.collectionId, { ...rain, slug: 'feed-1' }, site.writer)
    const expected = [{ kind: 'collection', subjectId: site.collectionId }]
    await vi.waitFor(() => expect([one, two]).toEqual([expected, expected]), soon)
    await saveEntry(test.db, entry.id, 1, { ...rain, slug: 'feed-1', title: 'Two' }, site.writer)
    await vi.waitFor(() => expect(one).toHaveLength(2), soon)
  })

  it('tells nothing of a write that is taken back', async () => {
    const told = await listen()
    await test.db
      .transaction()
      .execute(async (trx) => {
        await recordChange(trx, { kind: 'page', subjectId: 1 })
        throw new Error('taken back')
      })
      .catch(() => undefined)
    await test.db.transaction().execute((trx) => recordChange(trx, { kind: 'page', subjectId: 2 }))
    await vi.waitFor(() => expect(told).toEqual([{ kind: 'page', subjectId: 2 }]), soon)
  })

  it('skips no write that began early and committed late', async () => {
    const told = await listen()
    let finish: () => void = () => undefined
    const held = new Promise<void>((resolve) => (finish = resolve))
    let begun: () => void = () => undefined
    const hasBegun = new Promise<void>((resolve) => (begun = resolve))
    const early = test.db.transaction().execute(async (trx) => {
      await recordChange(trx, { kind: 'page', subjectId: 10 })
      begun()
      await held
    })
    await hasBegun
    await test.db.transaction().execute((trx) => recordChange(trx, { kind: 'page', subjectId: 11 }))
    finish()
    await early
    await vi.waitFor(() => expect(told.map((change) => change.subjectId).toSorted()).toEqual([10, 11]), soon)
  })

  it('waits for no transaction that runs long, and looks no more often for it', async () => {
    let asked = 0
    const counted = test.db.withPlugin({
      transformQuery: ({ node }) => {
        asked += 1
        return node
      },
      transformResult: ({ result }) => Promise.resolve(result),
    })
    const feed = new ChangeFeed(counted, test.url)
    feeds.push(feed)
    const told: Change[] = []
    feed.subscribe((changes) => told.push(...changes))
    await feed.start()
    await feed.settled()
    let finish: () => void = () => undefined
    const held = new Promise<void>((resolve) => (finish = resolve))
    const long = test.db.transaction().execute(async (trx) => {
      await sql`select pg_current_xact_id()`.execute(trx)
      await held
    })
    for (let subjectId = 30; subjectId < 40; subjectId += 1)
      await test.db.transaction().execute((trx) => recordChange(trx, { kind: 'page', subjectId }))
    await vi.waitFor(
      () =>
        expect(told.map((change) => change.subjectId)).toEqual(
          Array.from({ length: 10 }, (_, at) => 30 + at),
        ),
      soon,
    )
    await feed.settled()
    const before = asked
    await new Promise((resolve) => setTimeout(resolve, 1500))
    // A look asks some four questions; one or two come by themselves in that time.
    expect(asked - before).toBeLessThan(12)
    expect(asked).toBeGreaterThan(10)
    finish()
    await long
  })

  it('goes on after its connection was cut', async () => {
    const told = await listen()
    await sql`select pg_terminate_backend(pid) from pg_stat_activity
      where datname = current_database() and query like 'listen%'`.execute(test.db)
    await test.db.transaction().execute((trx) => recordChange(trx, { kind: 'page', subjectId: 20 }))
    await vi.waitFor(() => expect(told).toEqual([{ kind: 'page', subjectId: 20 }]), soon)
  })

  it('counts as listening again only once what happened meanwhile is told', async () => {
    const looks = { areHeld: false, held: 0 }
    let goOn: () => void = () => undefined
    const released = new Promise<void>((resolve) => (goOn = resolve))
    const holding = test.db.withPlugin({
      transformQuery: ({ node }) => node,
      async transformResult({ result }) {
        looks.held += Number(looks.areHeld)
        if (looks.areHeld) await released
        return result
      },
    })
    const feed = new ChangeFeed(holding, test.url, looksNever)
    feeds.push(feed)
    await feed.start()
    await feed.settled()
    expect(feed.isListening()).toBe(true)
    looks.areHeld = true
    await sql`select pg_terminate_backend(pid) from pg_stat_activity
      where datname = current_database() and query like 'listen%'`.execute(test.db)
    // The look that comes with the new connection.
    await vi.waitFor(() => expect(looks.held).toBe(1), soon)
    const meanwhile = feed.isListening()
    looks.areHeld = false
    goOn()
    expect(meanwhile).toBe(false)
    await vi.waitFor(() => expect(feed.isListening()).toBe(true), soon)
  })

  it('tells when the clock alone publishes a scheduled entry', async () => {
    const told = await listen()
    const publishedAt = Date.now() + 700
    await addEntry(test.db, site.collectionId, { ...rain, slug: 'later', publishedAt }, site.writer)
    await vi.waitFor(() => expect(told).toHaveLength(2), soon)
    expect(Date.now()).toBeGreaterThanOrEqual(publishedAt)
  })

  it('tells every server once when an entry appears and once when it expires, with nobody present', async () => {
    const [one, two] = [await listen(), await listen()]
    const publishedAt = Date.now() + 600
    const expiresAt = publishedAt + 3000
    const { id } = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'for-a-while', publishedAt, expiresAt },
      site.writer,
    )
    const visible = async (at: number) =>
      idsOf(
        await answerOf(
          test.db,
          planOf(newListing('All', site.collectionId), plainContext(at, trialWords)),
          'en',
        ),
      ).includes(id)
    const tellsOf = (times: number) =>
      vi.waitFor(() => expect(Math.min(one.length, two.length)).toBeGreaterThanOrEqual(times), soon)
    await tellsOf(2)
    expect(Date.now()).toBeGreaterThanOrEqual(publishedAt)
    await tellsOf(3)
    expect(Date.now()).toBeGreaterThanOrEqual(expiresAt)
    expect([one.length, two.length]).toEqual([3, 3])
    expect(one).toEqual(two)
    expect(await Promise.all([publishedAt - 1, publishedAt, expiresAt].map(visible))).toEqual([
      false,
      true,
      false,
    ])
  })

  it('needs no server at the moment itself: what was due meanwhile is there when one starts', async () => {
    const publishedAt = Date.now() + 300
    const { id } = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'while-away', publishedAt },
      site.writer,
    )
    await vi.waitFor(() => expect(Date.now()).toBeGreaterThan(publishedAt), soon)
    await listen()
    const answer = await answerOf(
      test.db,
      planOf(newListing('All', site.collectionId), plainContext(Date.now(), trialWords)),
      'en',
    )
    expect(idsOf(answer)).toContain(id)
  })

  it('tells once of a thousand entries changed at once', async () => {
    await sql`insert into entries (collection_id, slug, title, body, status)
      select ${site.collectionId}, 'many-' || n, 'Many ' || n, '{"type":"doc","content":[]}', 'draft' from generate_series(1, 1000) n`.execute(
      test.db,
    )
    const ids = (
      await test.db.selectFrom('entries').select('id').where('slug', 'like', 'many-%').execute()
    ).map((row) => row.id)
    const told = await listen()
    const done = await changeInBulk(
      test.db,
      site.collectionId,
      { ids, action: { do: 'publish' } },
      site.writer,
    )
    expect(done.changed).toBe(1000)
    await vi.waitFor(() => expect(told).toEqual([{ kind: 'collection', subjectId: site.collectionId }]), soon)
    expect(await undoBulkChange(test.db, done.id, site.writer)).toEqual({
      undone: 1000,
      kept: 0,
      isGoingOn: false,
    })
  })
})
