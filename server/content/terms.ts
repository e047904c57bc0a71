import { sql } from 'kysely'
import type { TermOutcome } from '../../core/content/answers'
import { parseTermInput, parseTermPlace } from '../../core/content/term-input'
import type { TermInput } from '../../core/content/term-input'
import { movedTerm, returnedTerm, withDescendants } from '../../core/content/terms'
import type { Term } from '../../core/content/terms'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import type { KeptTerm } from '../db/schema'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { beginWork } from '../work/begin'
import { finishSoon, finishWork } from '../work/finish'
import type { Writer } from './entries'
import { lockFacet } from './facets'
import { termIndexing } from './index-work'
import { termLeaving, termReturning } from './term-work'

/** Adds a term at the end of those under its parent. Throws 422 for what is wrong in it. */
export async function addTerm(
  db: Db,
  facetId: number,
  parentId: number | null,
  input: unknown,
): Promise<{ readonly id: number }> {
  const term = accepted(parseTermInput(input))
  return transact(db, async (trx) => {
    await lockFacet(trx, facetId)
    const terms = await termsOf(trx, facetId)
    if (parentId !== null && !terms.some((one) => one.id === parentId))
      throw missing('The term it goes under')
    await checkTerm(trx, terms, term, null)
    const added = await trx
      .insertInto('terms')
      .values({ facet_id: facetId, parent_id: parentId, position: terms.length, ...termColumns(term) })
      .returning('id')
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return added
  })
}

/** Changes what is said about a term. The address it had leads to the new one from then on. */
export async function saveTerm(db: Db, id: number, input: unknown): Promise<void> {
  const term = accepted(parseTermInput(input))
  await transact(db, async (trx) => {
    const before = await lockTerm(trx, id)
    await checkTerm(trx, await termsOf(trx, before.facet_id), term, id)
    if (before.slug !== term.slug) await keepOldTermAddress(trx, `/${before.facetSlug}/${before.slug}`, id)
    await trx.updateTable('terms').set(termColumns(term)).where('id', '=', id).execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/**
 * Puts a term, with all that is nested under it, in another place. Entries count for its new
 * ancestors at once.
 */
export async function moveTerm(db: Db, id: number, input: unknown): Promise<void> {
  const { parentId, at } = accepted(parseTermPlace(input))
  const work = await transact(db, async (trx) => {
    const { facet_id: facetId } = await lockTerm(trx, id)
    const terms = await termsOf(trx, facetId)
    if (parentId !== null && !terms.some((one) => one.id === parentId))
      throw missing('The term it goes under')
    const placed = movedTerm(terms, id, parentId, at)
    if (placed === null)
      throw refused([
        { path: 'parentId', message: 'A term cannot lie under itself or under one of its own.' },
      ])
    const given = JSON.stringify(
      placed.map((one) => ({ id: one.id, parent_id: one.parentId, position: one.position })),
    )
    await sql`
      update terms set parent_id = given.parent_id, position = given.position
      from jsonb_to_recordset(${given}::jsonb) given (id integer, parent_id integer, position integer) where terms.id = given.id`.execute(
      trx,
    )
    await recordChange(trx, { kind: 'site', subjectId: null })
    return beginWork(trx, termIndexing, { terms: withDescendants(id, terms) })
  })
  await finishSoon(db, work)
}

/**
 * Makes one term of two: entries, nested terms and the address of the first go to the second. Can
 * be undone.
 */
export async function mergeTerm(db: Db, id: number, intoId: number, writer: Writer): Promise<TermOutcome> {
  return removeTerm(db, id, intoId, writer)
}

/** Takes a term away; those nested under it go to its parent. Can be undone. */
export async function deleteTerm(db: Db, id: number, writer: Writer): Promise<TermOutcome> {
  return removeTerm(db, id, null, writer)
}

async function removeTerm(db: Db, id: number, intoId: number | null, writer: Writer): Promise<TermOutcome> {
  const begun = await beginLeaving(db, id, intoId, writer)
  // What concerns the term is finished before it leaves: it takes all its entries with it.
  if (begun === null) {
    await Promise.all((await workOn(db, id)).map((work) => finishWork(db, work)))
    return removeTerm(db, id, intoId, writer)
  }
  return { change: begun.change, isGoingOn: !(await finishSoon(db, begun.work)) }
}

/** Lets a term leave; null while there is work on its entries, which is to be done before. */
function beginLeaving(
  db: Db,
  id: number,
  intoId: number | null,
  writer: Writer,
): Promise<{ readonly change: string; readonly work: string } | null> {
  return transact(db, async (trx) => {
    const { facet_id: facetId, facetSlug, slug } = await lockTerm(trx, id)
    if ((await workOn(trx, id)).length > 0) return null
    const terms = await termsOf(trx, facetId)
    if (
      intoId !== null &&
      (!terms.some((one) => one.id === intoId) || withDescendants(id, terms).includes(intoId))
    )
      throw refused([
        { path: 'into', message: 'Choose another term of this facet, not one nested under it.' },
      ])
    const kept = await keep(trx, id, intoId)
    await trx
      .updateTable('terms')
      .set({ parent_id: intoId ?? kept.term.parent_id })
      .where('parent_id', '=', id)
      .execute()
    // From here on it is not to be seen; its address is free.
    await sql`update terms set leaving = true, slug = slug || '~' || id where id = ${id}`.execute(trx)
    if (intoId === null) await trx.deleteFrom('merged_terms').where('into_id', '=', id).execute()
    else await becomeOther(trx, id, intoId, `/${facetSlug}/${slug}`)
    const { id: made } = await trx
      .insertInto('term_changes')
      .values({ facet_id: facetId, kept: JSON.stringify(kept), made_by: writer.id })
      .returning('id')
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return {
      change: made,
      work: await beginWork(trx, termLeaving, {
        change: made,
        term: id,
        into: intoId,
        children: kept.children,
      }),
    }
  })
}

/** Work that gives a term to entries, or takes it off them. */
async function workOn(db: Db | Trx, id: number): Promise<readonly string[]> {
  const rows = await db
    .selectFrom('long_work')
    .select('id')
    .where('kind', 'in', [termLeaving.kind, termReturning.kind])
    .where(
      sql<boolean>`(detail -> 'term' = to_jsonb(${id}::integer) or detail -> 'into' = to_jsonb(${id}::integer))`,
    )
    .execute()
  return rows.map((row) => row.id)
}

/** Rules that name a term, and addresses that led to it, follow to the one it becomes. */
async function becomeOther(trx: Trx, id: number, intoId: number, path: string): Promise<void> {
  await trx.updateTable('merged_terms').set({ into_id: intoId }).where('into_id', '=', id).execute()
  await trx.insertInto('merged_terms').values({ id, into_id: intoId }).execute()
  await trx.updateTable('old_addresses').set({ term_id: intoId }).where('term_id', '=', id).execute()
  await keepOldTermAddress(trx, path, intoId)
}

/** Brings back a term that was deleted or merged, where it was, on the entries that had it. */
export async function undoTermChange(db: Db, change: string): Promise<void> {
  // What is still on its way out goes first.
  const leaving = await db
    .selectFrom('long_work')
    .select('id')
    .where('kind', '=', termLeaving.kind)
    .where(sql<boolean>`detail ->> 'change' = ${change}`)
    .executeTakeFirst()
  if (leaving) await finishWork(db, leaving.id)
  const work = await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('term_changes')
      .select(['facet_id', 'kept', 'undone_at'])
      .where('id', '=', change)
      .forUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The change')
    if (row.undone_at !== null) return null
    await lockFacet(trx, row.facet_id)
    const { term, into, merged = [] } = row.kept
    const terms = await termsOf(trx, row.facet_id)
    if (terms.some((one) => one.slug === term.slug))
      throw refused([
        {
          path: '',
          message: `Another term has the address “${term.slug}” by now. Give it another, then undo.`,
        },
      ])
    const { parentId, children } = returnedTerm(terms, {
      id: term.id,
      parentId: term.parent_id,
      children: row.kept.children,
      childrenWentTo: into?.id ?? term.parent_id,
    })
    const picture = await trx
      .selectFrom('media')
      .select('id')
      .where('id', '=', term.picture_id ?? 0)
      .executeTakeFirst()
    await trx
      .insertInto('terms')
      .values({ ...term, picture_id: picture?.id ?? null, parent_id: parentId, facet_id: row.facet_id })
      .execute()
    await trx
      .updateTable('terms')
      .set({ parent_id: term.id })
      .where('id', 'in', [0, ...children])
      .execute()
    await trx.deleteFrom('merged_terms').where('id', '=', term.id).execute()
    await trx
      .updateTable('merged_terms')
      .set({ into_id: term.id })
      .where('id', 'in', [0, ...merged])
      .execute()
    await sql`delete from old_addresses where path = (select '/' || slug || '/' || ${term.slug} from facets where id = ${row.facet_id})`.execute(
      trx,
    )
    await trx.updateTable('term_changes').set({ undone_at: new Date() }).where('id', '=', change).execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return beginWork(trx, termReturning, { change, term: term.id, into: into?.id ?? null, children })
  })
  if (work !== null) await finishSoon(db, work)
}

async function keep(trx: Trx, id: number, intoId: number | null): Promise<KeptTerm> {
  const [term, children, merged] = await Promise.all([
    trx
      .selectFrom('terms')
      .select(['id', 'parent_id', 'slug', 'name', 'position', 'description', 'picture_id', 'icon', 'colour'])
      .where('id', '=', id)
      .executeTakeFirstOrThrow(),
    trx.selectFrom('terms').select('id').where('parent_id', '=', id).where('leaving', '=', false).execute(),
    trx.selectFrom('merged_terms').select('id').where('into_id', '=', id).execute(),
  ])
  return {
    term,
    children: children.map((row) => row.id),
    merged: merged.map((row) => row.id),
    into: intoId === null ? null : { id: intoId },
  }
}

async function termsOf(trx: Trx, facetId: number): Promise<readonly Term[]> {
  return trx
    .selectFrom('terms')
    .select(['id', 'facet_id as facetId', 'parent_id as parentId', 'name', 'slug'])
    .where('facet_id', '=', facetId)
    .where('leaving', '=', false)
    .orderBy('position')
    .orderBy('id')
    .execute()
}

async function lockTerm(trx: Trx, id: number) {
  const row = await trx
    .selectFrom('terms as t')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select(['t.facet_id', 't.slug', 'f.slug as facetSlug'])
    .where('t.id', '=', id)
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The term')
  await lockFacet(trx, row.facet_id)
  return row
}

async function checkTerm(
  trx: Trx,
  terms: readonly Term[],
  term: TermInput,
  id: number | null,
): Promise<void> {
  const other = terms.find((one) => one.slug === term.slug && one.id !== id)
  if (other)
    throw refused([
      {
        path: 'slug',
        message: `“${other.name}” already has this address. Choose another, or merge the two.`,
      },
    ])
  if (term.pictureId === null) return
  const picture = await trx
    .selectFrom('media')
    .select('id')
    .where('id', '=', term.pictureId)
    .where('kind', '=', 'picture')
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!picture) throw refused([{ path: 'pictureId', message: 'This picture is gone. Choose another.' }])
}

function termColumns({ name, slug, description, pictureId, icon, colour }: TermInput) {
  return { name, slug, description, picture_id: pictureId, icon, colour }
}

async function keepOldTermAddress(trx: Trx, path: string, termId: number): Promise<void> {
  await trx
    .insertInto('old_addresses')
    .values({ path, entry_id: null, term_id: termId, page_id: null })
    .onConflict((on) =>
      on.column('path').doUpdateSet({ entry_id: null, term_id: termId, page_id: null, moved_at: new Date() }),
    )
    .execute()
}
