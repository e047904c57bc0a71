import { parseCollectionInput } from '../../core/content/collection'
import type { CollectionInput } from '../../core/content/collection'
import type { CollectionRow } from '../../core/content/answers'
import { slugOf } from '../../core/content/slug'
import { monthPattern } from '../../core/pages/usual'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { lockCollection } from './form-locks'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { collectionIndexing } from './index-work'

/** The collections there are, with how many entries each holds. */
export async function collectionRows(db: Db): Promise<readonly CollectionRow[]> {
  return db
    .selectFrom('collections as c')
    .leftJoin('entries as e', (join) =>
      join.onRef('e.collection_id', '=', 'c.id').on('e.deleted_at', 'is', null),
    )
    .select(['c.id', 'c.slug', 'c.name', 'c.singular', 'c.plural', 'c.icon'])
    .select(({ fn }) => fn.count<number>('e.id').as('entries'))
    .where('c.deleted_at', 'is', null)
    .groupBy('c.id')
    .orderBy('c.name')
    .execute()
}

/** Makes a collection; its slug comes from its name. Throws 422 for what is wrong in it. */
export async function addCollection(
  db: Db,
  input: unknown,
): Promise<{ readonly id: number; readonly slug: string }> {
  const collection = accepted(parseCollectionInput(input))
  return transact(db, async (trx) => {
    await checkCollection(trx, collection, null)
    const added = await trx
      .insertInto('collections')
      .values({ ...collectionColumns(collection), slug: await freeSlug(trx, collection.name) })
      .returning(['id', 'slug'])
      .executeTakeFirstOrThrow()
    await writeFacets(trx, added.id, collection.facets)
    await recordChange(trx, { kind: 'site', subjectId: null })
    return added
  })
}

/**
 * Changes a collection. Entries keep their terms of a facet that is taken off; they count again
 * when it is back.
 */
export async function saveCollection(db: Db, id: number, input: unknown): Promise<void> {
  const collection = accepted(parseCollectionInput(input))
  const work = await transact(db, async (trx) => {
    await lockCollection(trx, id)
    await checkCollection(trx, collection, id)
    await moveEntryPage(trx, id, collection.address)
    await trx.updateTable('collections').set(collectionColumns(collection)).where('id', '=', id).execute()
    const before = await linkedFacets(trx, id)
    await writeFacets(trx, id, collection.facets)
    await recordChange(trx, { kind: 'site', subjectId: null })
    const isOther =
      before.length !== collection.facets.length || before.some((facet) => !collection.facets.includes(facet))
    return isOther ? beginWork(trx, collectionIndexing, { collection: id }) : null
  })
  if (work !== null) await finishSoon(db, work)
}

/** Takes a collection with its entries off the site, or puts it back. */
export async function setCollectionDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  const work = await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('collections')
      .select(['address', 'slug', 'deleted_at'])
      .where('id', '=', id)
      .forNoKeyUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The collection')
    if ((row.deleted_at !== null) === deleted) return null
    if (!deleted) await refuseTakenAddress(trx, row.address, id)
    await trx
      .updateTable('collections')
      .set({
        deleted_at: deleted ? new Date() : null,
        ...(deleted ? {} : { slug: await freeSlug(trx, row.slug, id) }),
      })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return beginWork(trx, collectionIndexing, { collection: id })
  })
  if (work !== null) await finishSoon(db, work)
}

/**
 * The pages of a collection's entries and months stand at its address, and go with it; the addresses that
 * entries had lead on.
 */
async function moveEntryPage(trx: Trx, id: number, address: string): Promise<void> {
  const { address: before } = await trx
    .selectFrom('collections')
    .select('address')
    .where('id', '=', id)
    .executeTakeFirstOrThrow()
  if (before === address) return
  await trx
    .insertInto('old_patterns')
    .values({ collection_id: id, pattern: before })
    .onConflict((on) => on.columns(['collection_id', 'pattern']).doUpdateSet({ moved_at: new Date() }))
    .execute()
  await movePattern(trx, before, address)
  await movePattern(trx, monthPattern(before), monthPattern(address))
}

/** Moves the page of many things from one pattern to another, where none stands there. */
async function movePattern(trx: Trx, from: string, to: string): Promise<void> {
  const here = (path: string) =>
    trx.selectFrom('pages').select('id').where('path', '=', path).where('deleted_at', 'is', null)
  if (from !== to && (await here(to).executeTakeFirst()) === undefined)
    await trx.updateTable('pages').set({ path: to }).where('id', 'in', here(from)).execute()
}

function collectionColumns({ name, singular, plural, icon, kind, address }: CollectionInput) {
  return { name, singular, plural, icon, kind, address }
}

async function checkCollection(trx: Trx, collection: CollectionInput, id: number | null): Promise<void> {
  await refuseTakenAddress(trx, collection.address, id)
  const facets = await trx.selectFrom('facets').select('id').where('deleted_at', 'is', null).execute()
  if (collection.facets.some((facet) => !facets.some((one) => one.id === facet)))
    throw refused([{ path: 'facets', message: 'One of the facets is gone. Choose from those there are.' }])
}

async function refuseTakenAddress(trx: Trx, address: string, id: number | null): Promise<void> {
  const other = await trx
    .selectFrom('collections')
    .select('name')
    .where('address', '=', address)
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .executeTakeFirst()
  if (other)
    throw refused([
      { path: 'address', message: `Entries of “${other.name}” have this address. Choose another.` },
    ])
}

async function linkedFacets(trx: Trx, collectionId: number): Promise<readonly number[]> {
  const rows = await trx
    .selectFrom('collection_facets')
    .select('facet_id')
    .where('collection_id', '=', collectionId)
    .where('facet_id', 'in', presentFacets(trx))
    .execute()
  return rows.map((row) => row.facet_id)
}

function presentFacets(trx: Trx) {
  return trx.selectFrom('facets').select('id').where('deleted_at', 'is', null)
}

/** Facets that were deleted stay with the collection, and are there again when they are put back. */
async function writeFacets(trx: Trx, collectionId: number, facets: readonly number[]): Promise<void> {
  await trx
    .deleteFrom('collection_facets')
    .where('collection_id', '=', collectionId)
    .where('facet_id', 'in', presentFacets(trx))
    .execute()
  if (facets.length === 0) return
  await trx
    .insertInto('collection_facets')
    .values(facets.map((facetId, position) => ({ collection_id: collectionId, facet_id: facetId, position })))
    .execute()
}

/** Other screens of the bench stand at these addresses. */
const reservedSlugs = ['new', 'facets', 'media', 'people']

/** A slug no collection has: `seed-shelf`, `seed-shelf-2`. */
async function freeSlug(trx: Trx, name: string, id: number | null = null): Promise<string> {
  const wanted = slugOf(name) || 'collection'
  const rows = await trx
    .selectFrom('collections')
    .select('slug')
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .execute()
  const taken = new Set([...rows.map((row) => row.slug), ...reservedSlugs])
  let slug = wanted
  for (let count = 2; taken.has(slug); count += 1) slug = `${wanted}-${count}`
  return slug
}
