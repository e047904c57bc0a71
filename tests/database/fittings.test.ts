import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newFitting } from '~~/core/fittings'
import type { ChosenFitting } from '~~/core/fittings'
import { areaOf } from '~~/core/pages/frames'
import { addEntry } from '~~/server/content/entries'
import { fittingContent } from '~~/server/fittings'
import type { FittingAsked } from '~~/server/fittings'
import { knownSite } from '~~/server/listings/context'
import type { FittingContents, LinkedTerm } from '~~/site/view'
import { rain } from './support/content'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

async function asked(now = Date.now()): Promise<FittingAsked> {
  const box = areaOf('main-side', 'side')
  if (box === undefined) throw new Error('The frame has a side.')
  return { db: test.db, known: await knownSite(test.db), now, box }
}

const all = (terms: readonly LinkedTerm[]): readonly LinkedTerm[] =>
  terms.flatMap((term) => [term, ...all(term.children)])

/** Of each term's address, how many entries visitors may see have it or what is nested in it, off the entries. */
async function counted(now: number): Promise<ReadonlyMap<string, number>> {
  const at = sql`${new Date(now)}::timestamptz`
  const { rows } = await sql<{ address: string; entries: number }>`
    with recursive above as (
      select id, id as ancestor from terms
      union select above.id, t.parent_id from above join terms t on t.id = above.ancestor where t.parent_id is not null
    )
    select '/' || f.slug || '/' || t.slug as address, count(distinct e.id)::integer as entries
    from entry_terms et
    join above on above.id = et.term_id join terms t on t.id = above.ancestor join facets f on f.id = t.facet_id
    join entries e on e.id = et.entry_id join collections c on c.id = e.collection_id
    where e.status = 'published' and e.deleted_at is null and c.deleted_at is null and f.deleted_at is null
      and e.published_at <= ${at} and (e.expires_at is null or e.expires_at > ${at})
    group by f.slug, t.slug`.execute(test.db)
  return new Map(rows.map((row) => [row.address, row.entries]))
}

async function indexOf(
  settings: Partial<ChosenFitting<'terms'>>,
  now?: number,
): Promise<FittingContents['terms']> {
  return (await fittingContent(
    { ...newFitting('terms'), ...settings },
    await asked(now),
  )) as FittingContents['terms']
}

describe('an index of terms', () => {
  it.each([
    ['nested', { nested: true }],
    ['flat', { nested: false, order: 'most-used' }],
  ] as const)('has each term that an entry has, with as many as there are: %s', async (_, settings) => {
    const now = Date.now()
    const index = await indexOf({ ...settings, first: 3 }, now)
    const shown = all(index.flatMap((facet) => [...facet.first, ...facet.others]))
    expect(new Map(shown.map((term) => [term.address, term.count]))).toEqual(await counted(now))
    expect(shown.length).toBeGreaterThan(30)
    for (const facet of index) expect(facet.first.length).toBeLessThanOrEqual(3)
  })

  it('counts what is published by the clock from its moment on', async () => {
    const { id: collectionId } = await test.db
      .selectFrom('collections')
      .select('id')
      .where('slug', '=', 'field-notes')
      .executeTakeFirstOrThrow()
    const term = await test.db
      .selectFrom('terms as t')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['t.id', 't.slug', 'f.slug as facet'])
      .where('f.slug', '=', 'topic')
      .orderBy('t.id')
      .executeTakeFirstOrThrow()
    const writer = await test.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
    const now = Date.now()
    const soon = now + 3_600_000
    await addEntry(
      test.db,
      collectionId,
      { ...rain, slug: 'to-come', publishedAt: soon, authorId: null, termIds: [term.id] },
      writer,
    )
    const countAt = async (at: number) =>
      all((await indexOf({}, at)).flatMap((facet) => [...facet.first, ...facet.others])).find(
        (one) => one.address === `/${term.facet}/${term.slug}`,
      )?.count ?? 0
    expect(await countAt(soon)).toBe((await countAt(now)) + 1)
    expect(await countAt(soon)).toBe((await counted(soon)).get(`/${term.facet}/${term.slug}`))
  })

  it('has the facets that are named, in their order, and no others', async () => {
    const rows = await test.db.selectFrom('facets').select(['id', 'name']).orderBy('name', 'desc').execute()
    const wanted = rows.slice(0, 2)
    const index = await indexOf({ facets: [...wanted.map((row) => row.id), 999_999] })
    expect(index.map((facet) => facet.name)).toEqual(wanted.map((row) => row.name))
  })
})

describe('a picture', () => {
  it('comes in the widths of its place, and is nothing where there is none any more', async () => {
    const { id } = await test.db
      .selectFrom('media')
      .select('id')
      .where('kind', '=', 'picture')
      .orderBy('width', 'desc')
      .executeTakeFirstOrThrow()
    const picture = async (chosen: number | null) =>
      (await fittingContent(
        { ...newFitting('picture'), picture: chosen },
        await asked(),
      )) as FittingContents['picture']
    expect((await picture(id))?.sizes).toContain('300px')
    expect(await picture(null)).toBeNull()
    expect(await picture(999_999)).toBeNull()
  })
})
