import { termRows } from '~~/server/content/term-rows'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyDocument } from '~~/core/content/rich-text/document'
import { indexOldAnew } from '~~/server/content/index-anew'
import { undoTermChange } from '~~/server/content/terms'
import { migrate } from '~~/server/db/migrate'
import { smallSite } from './support/content'
import { databaseAt } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await databaseAt('0006-placeholder')
})
afterAll(() => test.drop())

describe('a database of an earlier Bushel', () => {
  it('is brought up to date with what it holds, and its merged terms still come back', async () => {
    const site = await smallSite(test.db)
    const ids = await Promise.all(
      ['one', 'two'].map(async (slug) => {
        const { rows } = await sql<{ id: number }>`
          insert into entries (collection_id, slug, title, body, status, published_at)
          values (${site.collectionId}, ${slug}, ${`The ${slug} café`}, ${JSON.stringify(emptyDocument)}::jsonb, 'published', '2026-01-01') returning id`.execute(
          test.db,
        )
        return rows[0]?.id ?? 0
      }),
    )
    const [both, merged] = ids
    // As a merge of “leaf” into “soil” was kept: both entries had it, one of them had “soil” too.
    for (const id of ids)
      await sql`insert into entry_terms (entry_id, term_id, position) values (${id}, ${site.soil}, 0)`.execute(
        test.db,
      )
    const kept = {
      term: {
        id: 900,
        parent_id: null,
        slug: 'leaf',
        name: 'Leaf',
        position: 1,
        description: '',
        picture_id: null,
        icon: '',
        colour: '',
      },
      children: [],
      entries: ids.map((id) => ({ entry_id: id, position: 0 })),
      into: { id: site.soil, entries: [merged] },
    }
    const { rows } = await sql<{
      id: string
    }>`insert into term_changes (facet_id, kept) values (${site.facetId}, ${JSON.stringify(kept)}::jsonb) returning id`.execute(
      test.db,
    )
    expect(await migrate(test.db)).toContain('0008-long-work')
    await indexOldAnew(test.db)
    expect(
      await test.db
        .selectFrom('entry_words')
        .select('words')
        .where('entry_id', '=', both ?? 0)
        .executeTakeFirst(),
    ).toEqual({ words: expect.arrayContaining(['cafe']) as unknown })
    await undoTermChange(test.db, rows[0]?.id ?? '')
    const terms = await test.db
      .selectFrom('entry_terms')
      .select(['entry_id', 'term_id'])
      .orderBy('entry_id')
      .orderBy('term_id')
      .execute()
    expect(terms).toEqual(
      [
        { entry_id: both, term_id: site.soil },
        { entry_id: both, term_id: 900 },
        { entry_id: merged, term_id: 900 },
      ].toSorted((a, b) => (a.entry_id ?? 0) - (b.entry_id ?? 0) || a.term_id - b.term_id),
    )
    expect((await termRows(test.db, site.facetId)).find((row) => row.id === 900)?.entries).toBe(2)
    expect(await test.db.selectFrom('long_work').select('id').execute()).toEqual([])
  })
})
