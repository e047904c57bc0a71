import { sql } from 'kysely'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { undoBulkChange } from '~~/server/content/bulk'
import { bulkChanging } from '~~/server/content/bulk-work'
import { openDatabase } from '~~/server/db/client'
import type { Db } from '~~/server/db/client'
import { jobs } from '~~/server/jobs'
import { queueOf } from '~~/server/jobs/queue'
import { runJobs } from '~~/server/jobs/run'
import { beginWork } from '~~/server/work/begin'
import { finishSoon, finishWithin } from '~~/server/work/finish'
import { leftWorkTaking, workFinishing } from '~~/server/work/jobs'
import { retryWork, stopWork, worksOf } from '~~/server/work/works'
import { problemOf, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let ends: (() => Promise<void>)[] = []
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(async () => {
  await test.db.deleteFrom('long_work').execute()
  await sql`truncate entries cascade`.execute(test.db)
  await sql`
    insert into entries (id, collection_id, slug, title, summary, body, status)
    select at, ${site.collectionId}, 'entry-' || at, 'Entry ' || at, '', '{"type":"doc","content":[]}', 'draft'
    from generate_series(1, ${entryCount}::integer) at`.execute(test.db)
})
afterEach(async () => {
  for (const end of ends.toReversed()) await end()
  ends = []
})
afterAll(() => test.drop())

/** More than two steps of a change. */
const entryCount = 2400
const ids = Array.from({ length: entryCount }, (_, at) => at + 1)

/** Another server on the same database, which works on its jobs. */
async function server(): Promise<Db> {
  const db = openDatabase(test.url, 4)
  ends.push(() => db.destroy())
  ends.push(await runJobs(db))
  return db
}

/** A change of all entries that is begun, and what it is undone by. */
async function begun(): Promise<{ readonly work: string; readonly change: string }> {
  return test.db.transaction().execute(async (trx) => {
    const { id } = await trx
      .insertInto('bulk_changes')
      .values({
        collection_id: site.collectionId,
        action: 'publish',
        entries: '[]',
        made_by: site.writer.id,
        done: false,
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    const work = await beginWork(trx, bulkChanging, {
      change: id,
      collection: site.collectionId,
      action: { do: 'publish' },
      writer: site.writer.id,
      ids,
    })
    return { work, change: id }
  })
}

async function publishedCount(): Promise<number> {
  const rows = await test.db.selectFrom('entries').select('id').where('status', '=', 'published').execute()
  return rows.length
}

const isDone = (work: string) => async () =>
  expect(
    await test.db.selectFrom('long_work').select('id').where('id', '=', work).executeTakeFirst(),
  ).toBeUndefined()
const patient = { timeout: 30_000, interval: 100 }

function leftWorks() {
  return test.db.selectFrom('long_work').select('id').execute()
}

/** As if it had been under way for a while, and then its server ended. */
async function left(work: string): Promise<void> {
  await test.db
    .updateTable('long_work')
    .set({ begun_at: new Date(0), touched_at: new Date(0) })
    .where('id', '=', work)
    .execute()
}

describe('work that takes longer than somebody waits', () => {
  it('goes on as a job, and is through once for every entry, however many servers there are', async () => {
    const [one] = [await server(), await server()]
    const { work } = await begun()
    expect(await finishSoon(one, work, 0)).toBe(false)
    await vi.waitFor(isDone(work), patient)
    expect(await publishedCount()).toBe(entryCount)
    const { rows } = await sql<{ version: number }>`select distinct version from entries`.execute(test.db)
    expect(rows).toHaveLength(1)
  })

  it('is done at once where it is short', async () => {
    const db = await server()
    const { work } = await begun()
    expect(await finishSoon(db, work, 60_000)).toBe(true)
    await isDone(work)()
  })

  it('is taken up where its server ended, also in the middle of the job', async () => {
    const { work } = await begun()
    await finishWithin(test.db, work, 0)
    expect(await publishedCount()).toBe(1000)
    await left(work)
    await server()
    await leftWorkTaking.run(test.db, {}, new AbortController().signal)
    await vi.waitFor(isDone(work), patient)
    expect(await publishedCount()).toBe(entryCount)
  })

  it('says how far it is', async () => {
    const { work } = await begun()
    await finishWithin(test.db, work, 0)
    expect((await worksOf(test.db)).works).toEqual([])
    await left(work)
    expect((await worksOf(test.db)).works).toMatchObject([
      { id: work, kind: 'change-in-bulk', done: 1000, size: entryCount, failure: null, mayStop: true },
    ])
  })
})

describe('work that is stopped', () => {
  it('ends where it is, and what is done by then can be undone', async () => {
    const { work, change } = await begun()
    await finishWithin(test.db, work, 0)
    await stopWork(test.db, work)
    await server()
    await vi.waitFor(isDone(work), patient)
    expect(await publishedCount()).toBe(1000)
    expect(await undoBulkChange(test.db, change, site.writer)).toEqual({
      undone: 1000,
      kept: 0,
      isGoingOn: false,
    })
    expect(await publishedCount()).toBe(0)
  })

  it('is none that would be left half done, nor one that is through', async () => {
    const { work, change } = await begun()
    await test.db.updateTable('long_work').set({ kind: 'undo-in-bulk' }).where('id', '=', work).execute()
    expect(await problemOf(stopWork(test.db, work))).toMatchObject({ status: 422 })
    expect(await problemOf(stopWork(test.db, change))).toMatchObject({ status: 404 })
  })
})

describe('several hands at one work', () => {
  it.each([0, 1, 2])(
    'stop it, try it again and undo it at once, and leave nothing half done (%i)',
    async (turn) => {
      const [one, other] = [await server(), await server()]
      const { work, change } = await begun()
      await finishWithin(test.db, work, 0)
      const hands = [
        () => stopWork(one, work),
        () => retryWork(other, work),
        () => undoBulkChange(one, change, site.writer),
        () => finishSoon(other, work, 0),
        () => stopWork(other, work),
        () => undoBulkChange(other, change, site.writer),
      ]
      const turned = [...hands.slice(2 * turn), ...hands.slice(0, 2 * turn)]
      for (const told of await Promise.allSettled(turned.map((hand) => hand())))
        if (told.status === 'rejected')
          expect(await problemOf(Promise.reject(told.reason))).toMatchObject({
            status: expect.toBeOneOf([404, 422]) as number,
          })
      await vi.waitFor(isDone(work), patient)
      // What could not be undone while it was being made can be now.
      await undoBulkChange(one, change, site.writer)
      await vi.waitFor(async () => expect((await leftWorks()).length).toBe(0), patient)
      expect(await publishedCount()).toBe(0)
    },
  )
})

describe('work that fails', () => {
  it('says why, keeps what is done, and is tried again when somebody asks for it', async () => {
    // A Bushel that does not know it fails at it, and a later one goes on.
    const { work } = await begun()
    await test.db.updateTable('long_work').set({ kind: 'of-another-bushel' }).where('id', '=', work).execute()
    const running = workFinishing.run(test.db, { work }, new AbortController().signal)
    await expect(running).rejects.toThrow('of-another-bushel')
    await test.db.updateTable('long_work').set({ kind: 'change-in-bulk' }).where('id', '=', work).execute()
    const [told] = (await worksOf(test.db)).works
    expect(told?.failure).toContain('of-another-bushel')
    await left(work)
    await leftWorkTaking.run(test.db, {}, new AbortController().signal)
    await server()
    await retryWork(test.db, work)
    await vi.waitFor(isDone(work), patient)
    expect(await publishedCount()).toBe(entryCount)
  })
})

describe('a job that is given up', () => {
  it('is told of, with what went wrong', async () => {
    const db = await server()
    await sql`
      insert into jobs.job (name, state, completed_on, output)
      values ('tidy-logs', 'failed', now(), '{"message": "The disk is full."}')`.execute(db)
    expect((await worksOf(db)).failed).toMatchObject([{ name: 'tidy-logs', message: 'The disk is full.' }])
  })
})

describe('what is done by the clock', () => {
  it('is planned once, however many servers there are', async () => {
    const [one] = [await server(), await server()]
    const planned = await queueOf(one).getSchedules()
    const clocked = jobs.filter((job) => job.cron !== null).map((job) => job.name)
    expect(planned.map((one) => one.name).toSorted()).toEqual(clocked.toSorted())
  })
})
