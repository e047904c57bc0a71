import fc from 'fast-check'
import { sql } from 'kysely'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addEntry, setEntryDeleted } from '~~/server/content/entries'
import { entryTable, entryTableQuery } from '~~/server/content/entry-table'
import { gatherStatistics } from '~~/server/db/statistics'
import { addUpKeyCounts } from '~~/server/listings/key-counts'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

const now = Date.UTC(2026, 5, 1)
const day = 86_400_000
let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(() => sql`truncate entries, key_counts, key_count_changes cascade`.execute(test.db))
afterAll(() => test.drop())

const ask = (query: object) => entryTable(test.db, site.collectionId, entryTableQuery.cast(query), now)

describe('the table of entries', () => {
  it('pages, sorts, searches and tells states', async () => {
    const day = 86_400_000
    for (let at = 0; at < 12; at += 1)
      await addEntry(
        test.db,
        site.collectionId,
        {
          ...rain,
          slug: `entry-${at}`,
          title: `Entry ${String(at).padStart(2, '0')} 100%`,
          publishedAt: now + (at - 9.5) * day,
          status: at === 0 ? 'draft' : 'published',
        },
        site.writer,
      )
    const first = await ask({ perPage: 5, sort: 'title', direction: 'up' })
    expect(first.total).toBe(12)
    expect(first.rows.map((row) => row.title.slice(0, 8))).toEqual([
      'Entry 00',
      'Entry 01',
      'Entry 02',
      'Entry 03',
      'Entry 04',
    ])
    expect((await ask({ perPage: 5, page: 3, sort: 'title', direction: 'up' })).rows).toHaveLength(2)
    expect((await ask({ state: 'scheduled' })).rows.map((row) => row.state)).toEqual([
      'scheduled',
      'scheduled',
    ])
    expect((await ask({ state: 'draft' })).total).toBe(1)
    expect((await ask({ search: '07' })).rows).toHaveLength(1)
    // A percent sign is looked for, not a pattern.
    expect((await ask({ search: '100%' })).total).toBe(12)
    expect((await ask({ search: '1%0' })).total).toBe(0)
  })

  it('goes by authors in both directions, one after the other, and shows those without one last', async () => {
    const [ash, birch] = await authors('Ash', 'birch')
    for (const [at, authorId] of [birch, null, ash, birch, ash].entries())
      await addEntry(test.db, site.collectionId, { ...rain, slug: `by-${at}`, authorId }, site.writer)
    const shown = async (query: object) =>
      (await ask({ sort: 'author', ...query })).rows.map((row) => row.slug)
    expect(await shown({ direction: 'up' })).toEqual(['by-4', 'by-2', 'by-3', 'by-0', 'by-1'])
    expect(await shown({ direction: 'down' })).toEqual(['by-3', 'by-0', 'by-4', 'by-2', 'by-1'])
    for (const perPage of [1, 2, 3, 4]) {
      const pages = await Promise.all(
        [1, 2, 3, 4, 5, 6].map((page) => shown({ direction: 'up', perPage, page })),
      )
      expect(pages.flat()).toEqual(await shown({ direction: 'up' }))
    }
    // Drafts stand among the others, by the same authors.
    const draft = { ...rain, slug: 'by-5', authorId: ash ?? null, status: 'draft' } as const
    await addEntry(test.db, site.collectionId, draft, site.writer)
    expect((await shown({ direction: 'up', perPage: 3 })).toSorted()).toEqual(['by-2', 'by-4', 'by-5'])
    expect(await shown({ direction: 'up', state: 'published' })).toEqual([
      'by-4',
      'by-2',
      'by-3',
      'by-0',
      'by-1',
    ])
  })

  it('counts what it shows, whatever is asked and whatever was deleted', async () => {
    const [ash] = await authors('Ash')
    await fc.assert(
      fc.asyncProperty(
        fc.array(entries, { minLength: 1, maxLength: 8 }),
        fc.boolean(),
        async (all, added) => {
          await sql`truncate entries, key_counts, key_count_changes cascade`.execute(test.db)
          for (const [at, { from, until, status, hasAuthor, isDeleted }] of all.entries()) {
            const { id } = await addEntry(
              test.db,
              site.collectionId,
              {
                ...rain,
                slug: `entry-${at}`,
                status,
                publishedAt: now + from * day,
                expiresAt: until === null ? null : now + (from + until) * day,
                authorId: hasAuthor ? (ash ?? null) : null,
              },
              site.writer,
            )
            if (isDeleted) await setEntryDeleted(test.db, id, true)
          }
          if (added) await addUpKeyCounts(test.db, 1)
          for (const state of ['all', 'draft', 'published', 'scheduled', 'expired', 'archived'])
            for (const sort of ['publishedAt', 'author', 'title']) {
              const { rows, total } = await ask({ state, sort, perPage: 50 })
              expect(rows).toHaveLength(total)
              if (state !== 'all') expect(rows.filter((row) => row.state !== state)).toEqual([])
              else expect(total).toBe(all.filter((one) => !one.isDeleted).length)
            }
        },
      ),
      { numRuns: 15 },
    )
  })
})

describe('how values are spread', () => {
  it('is known after much was written, and not asked again when little was', async () => {
    await sql`create table much as select n from generate_series(1, 5000) n`.execute(test.db)
    // What a connection wrote is counted within a second or so.
    await expect.poll(() => gatherStatistics(test.db), { timeout: 20_000 }).toContain('much')
    await sql`insert into much select n from generate_series(1, 100) n`.execute(test.db)
    expect(await gatherStatistics(test.db)).not.toContain('much')
  })
})

async function authors(...names: string[]): Promise<readonly number[]> {
  const rows = await test.db
    .insertInto('authors')
    .values(names.map((name) => ({ name, slug: `${name.toLowerCase()}-${(made += 1)}` })))
    .returning('id')
    .execute()
  return rows.map((row) => row.id)
}
let made = 0

const entries = fc.record({
  from: fc.integer({ min: -5, max: 5 }),
  until: fc.option(fc.integer({ min: 1, max: 5 })),
  status: fc.constantFrom('draft', 'published', 'archived'),
  hasAuthor: fc.boolean(),
  isDeleted: fc.boolean(),
})
