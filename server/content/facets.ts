import { sql } from 'kysely'
import type { FacetRow } from '../../core/content/answers'
import { reservedStarts } from '../../core/content/entry-address'
import { slugOf } from '../../core/content/slug'
import { parseFacetInput } from '../../core/content/term-input'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { collectionIndexing } from './index-work'

/** The facets there are, with the collections they classify and how many terms each has. */
export async function facetRows(db: Db): Promise<readonly FacetRow[]> {
  const { rows } = await sql<FacetRow>`
    select f.id, f.slug, f.name, f.plural,
      (select count(*)::integer from terms t where t.facet_id = f.id and not t.leaving) as terms,
      coalesce((select jsonb_agg(cf.collection_id order by c.name) from collection_facets cf
        join collections c on c.id = cf.collection_id and c.deleted_at is null where cf.facet_id = f.id), '[]') as collections
    from facets f where f.deleted_at is null order by f.position, f.id`.execute(db)
  return rows
}

/** Makes a facet. Throws 422 for what is wrong in it. */
export async function addFacet(db: Db, input: unknown): Promise<{ readonly id: number }> {
  const { name, plural, collections } = accepted(parseFacetInput(input))
  return transact(db, async (trx) => {
    await refuseTakenName(trx, name, null)
    const slug = await freeSlug(trx, name, null)
    const { rows } = await sql<{ id: number }>`
      insert into facets (slug, name, plural, position)
      select ${slug}, ${name}, ${plural}, coalesce(max(position), 0) + 1 from facets returning id`.execute(
      trx,
    )
    const id = rows[0]?.id ?? 0
    // A new facet has no terms yet that anything could be indexed by.
    await useIn(trx, id, collections)
    await recordChange(trx, { kind: 'site', subjectId: null })
    return { id }
  })
}

/** Changes a facet's names and the collections it classifies. Its address stays. */
export async function saveFacet(db: Db, id: number, input: unknown): Promise<void> {
  const { name, plural, collections } = accepted(parseFacetInput(input))
  const works = await transact(db, async (trx) => {
    await lockFacet(trx, id)
    await refuseTakenName(trx, name, id)
    await trx.updateTable('facets').set({ name, plural }).where('id', '=', id).execute()
    const before = await usedIn(trx, id)
    await useIn(trx, id, collections)
    await recordChange(trx, { kind: 'site', subjectId: null })
    const after = await usedIn(trx, id)
    return indexAnew(trx, [
      ...before.filter((one) => !after.includes(one)),
      ...after.filter((one) => !before.includes(one)),
    ])
  })
  for (const work of works) await finishSoon(db, work)
}

/** Takes a facet with its terms off everything, or puts it back; entries keep their terms meanwhile. */
export async function setFacetDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  const works = await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('facets')
      .select(['name', 'slug', 'deleted_at'])
      .where('id', '=', id)
      .forNoKeyUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The facet')
    if ((row.deleted_at !== null) === deleted) return []
    if (!deleted) await refuseTakenName(trx, row.name, id)
    // Another facet may have the address by now.
    const slug = deleted ? row.slug : await freeSlug(trx, row.slug, id)
    await trx
      .updateTable('facets')
      .set({ slug, deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return indexAnew(trx, await usedIn(trx, id))
  })
  for (const work of works) await finishSoon(db, work)
}

/** Holds a facet against other writers of its terms. Throws 404. */
export async function lockFacet(trx: Trx, id: number): Promise<{ readonly slug: string }> {
  const row = await trx
    .selectFrom('facets')
    .select('slug')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forNoKeyUpdate()
    .executeTakeFirst()
  if (!row) throw missing('The facet')
  return row
}

/** The collections that a facet classifies, deleted ones too. */
async function usedIn(trx: Trx, id: number): Promise<readonly number[]> {
  return (
    await trx.selectFrom('collection_facets').select('collection_id').where('facet_id', '=', id).execute()
  ).map((row) => row.collection_id)
}

async function indexAnew(trx: Trx, collections: readonly number[]): Promise<readonly string[]> {
  const works: string[] = []
  for (const collection of collections) works.push(await beginWork(trx, collectionIndexing, { collection }))
  return works
}

/** An address that no other facet has, and that leads to no files: `topic`, `topic-2`. */
async function freeSlug(trx: Trx, name: string, id: number | null): Promise<string> {
  const wanted = slugOf(name) || 'facet'
  const rows = await trx
    .selectFrom('facets')
    .select('slug')
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .execute()
  const taken = new Set([...rows.map((row) => row.slug), ...reservedStarts])
  let slug = wanted
  for (let count = 2; taken.has(slug); count += 1) slug = `${wanted}-${count}`
  return slug
}

async function refuseTakenName(trx: Trx, name: string, id: number | null): Promise<void> {
  const rows = await trx
    .selectFrom('facets')
    .select('name')
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .execute()
  if (rows.some((row) => row.name.toLowerCase() === name.toLowerCase()))
    throw refused([{ path: 'name', message: `There is a facet “${name}” already. Choose another name.` }])
}

/**
 * Adds the facet to collections that lack it and takes it off the others, save deleted ones; where
 * it stands among theirs is kept.
 */
async function useIn(trx: Trx, id: number, collections: readonly number[]): Promise<void> {
  const wanted = sql.val([...collections])
  await sql`delete from collection_facets where facet_id = ${id} and collection_id <> all(${wanted}::integer[])
    and collection_id in (select id from collections where deleted_at is null)`.execute(trx)
  await sql`
    insert into collection_facets (collection_id, facet_id, position)
    select c.id, ${id}, coalesce((select max(position) + 1 from collection_facets where collection_id = c.id), 0)
    from collections c where c.id = any(${wanted}::integer[]) and c.deleted_at is null
    on conflict do nothing`.execute(trx)
}
