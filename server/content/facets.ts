import { sql } from 'kysely'
import type { FacetRow } from '../../core/content/answers'
import { slugOf } from '../../core/content/slug'
import { parseFacetInput } from '../../core/content/term-input'
import type { Db, Trx } from '../db/client'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'

/** The facets there are, with the collections they classify and how many terms each has. */
export async function facetRows(db: Db): Promise<readonly FacetRow[]> {
  const { rows } = await sql<FacetRow>`
    select f.id, f.slug, f.name, f.plural,
      (select count(*)::integer from terms t where t.facet_id = f.id) as terms,
      coalesce((select jsonb_agg(cf.collection_id order by c.name) from collection_facets cf
        join collections c on c.id = cf.collection_id and c.deleted_at is null where cf.facet_id = f.id), '[]') as collections
    from facets f where f.deleted_at is null order by f.position, f.id`.execute(db)
  return rows
}

/** Makes a facet. Throws 422 for what is wrong in it. */
export async function addFacet(db: Db, input: unknown): Promise<{ readonly id: number }> {
  const { name, plural, collections } = accepted(parseFacetInput(input))
  return db.transaction().execute(async (trx) => {
    await refuseTakenName(trx, name, null)
    const slug = slugOf(name) || 'facet'
    const { rows } = await sql<{ id: number }>`
      insert into facets (slug, name, plural, position)
      select ${slug}, ${name}, ${plural}, coalesce(max(position), 0) + 1 from facets returning id`.execute(trx)
    const id = rows[0]?.id ?? 0
    await useIn(trx, id, collections)
    await recordChange(trx, { kind: 'site', subjectId: null })
    return { id }
  })
}

/** Changes a facet's names and the collections it classifies. Its address stays. */
export async function saveFacet(db: Db, id: number, input: unknown): Promise<void> {
  const { name, plural, collections } = accepted(parseFacetInput(input))
  await db.transaction().execute(async (trx) => {
    await lockFacet(trx, id)
    await refuseTakenName(trx, name, id)
    await trx.updateTable('facets').set({ name, plural }).where('id', '=', id).execute()
    await useIn(trx, id, collections)
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** Takes a facet with its terms off everything, or puts it back; entries keep their terms meanwhile. */
export async function setFacetDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await db.transaction().execute(async (trx) => {
    const row = await trx.selectFrom('facets').select('name').where('id', '=', id).forUpdate().executeTakeFirst()
    if (!row) throw missing('The facet')
    if (!deleted) await refuseTakenName(trx, row.name, id)
    await trx.updateTable('facets').set({ deleted_at: deleted ? new Date() : null }).where('id', '=', id).execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** Holds a facet against other writers of its terms. Throws 404. */
export async function lockFacet(trx: Trx, id: number): Promise<{ readonly slug: string }> {
  const row = await trx.selectFrom('facets').select('slug').where('id', '=', id).where('deleted_at', 'is', null).forUpdate().executeTakeFirst()
  if (!row) throw missing('The facet')
  return row
}

async function refuseTakenName(trx: Trx, name: string, id: number | null): Promise<void> {
  const rows = await trx.selectFrom('facets').select(['name', 'slug']).where('deleted_at', 'is', null).where('id', 'is distinct from', id).execute()
  if (rows.some((row) => row.slug === (slugOf(name) || 'facet') || row.name.toLowerCase() === name.toLowerCase()))
    throw refused([{ path: 'name', message: `There is a facet “${name}” already. Choose another name.` }])
}

/** Adds the facet to collections that lack it and takes it off the others; where it stands among theirs is kept. */
async function useIn(trx: Trx, id: number, collections: readonly number[]): Promise<void> {
  const wanted = sql.val([...collections])
  await sql`delete from collection_facets where facet_id = ${id} and collection_id <> all(${wanted}::integer[])`.execute(trx)
  await sql`
    insert into collection_facets (collection_id, facet_id, position)
    select c.id, ${id}, coalesce((select max(position) + 1 from collection_facets where collection_id = c.id), 0)
    from collections c where c.id = any(${wanted}::integer[]) and c.deleted_at is null
    on conflict do nothing`.execute(trx)
}
