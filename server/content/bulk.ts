import { sql } from 'kysely'
import type { BulkOutcome, BulkUndoOutcome } from '../../core/content/answers'
import { parseBulkChange } from '../../core/content/bulk'
import type { BulkAction } from '../../core/content/bulk'
import { storageOf } from '../../core/content/field'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { includesRole } from '../../core/people'
import type { Role } from '../../core/people'
import { Problem, accepted, missing, refused } from '../http/problem'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { bulkChanging, bulkUndoing } from './bulk-work'
import { holdCollection } from './form-locks'
import { collectionTerms } from './entry-writing'
import { fieldsOf } from './fields'
import { currentTerms } from './merged-terms'
import type { Writer } from './entries'

/**
 * Changes many entries of a collection at once, with one way back. Entries that are gone are passed
 * over. Throws 422 when the change cannot be made to all.
 */
export async function changeInBulk(
  db: Db,
  collectionId: number,
  input: unknown,
  writer: Writer,
): Promise<BulkOutcome> {
  const { ids, action: asked } = accepted(parseBulkChange(input))
  const { change, work } = await transact(db, async (trx) => {
    await holdCollection(trx, collectionId)
    const action = 'termIds' in asked ? { ...asked, termIds: await currentTerms(trx, asked.termIds) } : asked
    await checkAction(trx, collectionId, ids, action)
    const { id } = await trx
      .insertInto('bulk_changes')
      .values({
        collection_id: collectionId,
        action: action.do,
        entries: '[]',
        made_by: writer.id,
        done: false,
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    return {
      change: id,
      work: await beginWork(trx, bulkChanging, {
        change: id,
        collection: collectionId,
        action,
        writer: writer.id,
        ids: ids.toSorted((a, b) => a - b),
      }),
    }
  })
  const isDone = await finishSoon(db, work)
  const { entries } = await db
    .selectFrom('bulk_changes')
    .select('entries')
    .where('id', '=', change)
    .executeTakeFirstOrThrow()
  return { id: change, changed: entries.length, isGoingOn: !isDone }
}

/**
 * Takes a bulk change back, for all entries that nobody changed since; how many were, and were not,
 * brought back.
 */
export async function undoBulkChange(
  db: Db,
  id: string,
  writer: Writer & { readonly role?: Role },
): Promise<BulkUndoOutcome> {
  const work = await transact(db, async (trx) => {
    const change = await trx
      .selectFrom('bulk_changes')
      .select(['collection_id', 'entries', 'undone_at', 'action', 'done', 'made_by'])
      .where('id', '=', id)
      .forUpdate()
      .executeTakeFirst()
    if (!change) throw missing('The change')
    await refuseOverRuling(trx, change.made_by, writer)
    if (change.undone_at !== null) return null
    if (!change.done)
      throw refused([{ path: '', message: 'This change is still being made. Undo it in a moment.' }])
    if (change.action === 'delete')
      await refuseTakenSlugs(
        trx,
        change.collection_id,
        change.entries.map((one) => one.id),
      )
    await trx.updateTable('bulk_changes').set({ undone_at: new Date() }).where('id', '=', id).execute()
    return beginWork(trx, bulkUndoing, { change: id, collection: change.collection_id, writer: writer.id })
  })
  if (work === null) return { undone: 0, kept: 0, isGoingOn: false }
  const isDone = await finishSoon(db, work)
  const { entries, undone } = await db
    .selectFrom('bulk_changes')
    .select(['entries', 'undone'])
    .where('id', '=', id)
    .executeTakeFirstOrThrow()
  return { undone, kept: isDone ? entries.length - undone : 0, isGoingOn: !isDone }
}

/** What somebody with a higher role did is not undone by writers. */
async function refuseOverRuling(
  trx: Trx,
  madeBy: string | null,
  { id, role }: Writer & { readonly role?: Role },
): Promise<void> {
  if (role === undefined || madeBy === null || madeBy === id) return
  const maker = await trx.selectFrom('accounts').select('role').where('id', '=', madeBy).executeTakeFirst()
  if (maker !== undefined && !includesRole(role, maker.role))
    throw new Problem(
      403,
      'Not allowed',
      `A ${maker.role} made this change. Ask them, or somebody with that role, to undo it.`,
    )
}

const chosen = (ids: readonly number[]) => sql`any(${sql.val([...ids])}::integer[])`

async function checkAction(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
  action: BulkAction,
): Promise<void> {
  if (action.do === 'publish') await refuseIncomplete(trx, collectionId, ids)
  if (action.do === 'author' && action.authorId !== null) {
    const author = await trx
      .selectFrom('authors')
      .select('id')
      .where('id', '=', action.authorId)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (!author) throw refused([{ path: 'action.authorId', message: 'This author is gone. Choose another.' }])
  }
  if (action.do === 'add-terms') {
    const allowed = await collectionTerms(trx, collectionId)
      .where('t.id', 'in', [...action.termIds])
      .execute()
    if (allowed.length !== action.termIds.length)
      throw refused([
        {
          path: 'action.termIds',
          message: 'One of the terms is gone or does not belong to this collection.',
        },
      ])
  }
}

/** An entry that lacks a required field is not published by the way; those concerned are named. */
async function refuseIncomplete(trx: Trx, collectionId: number, ids: readonly number[]): Promise<void> {
  for (const field of (await fieldsOf(trx, collectionId)).filter((one) => one.required)) {
    const { rows } = await sql<{ title: string }>`
      select title from entries where id = ${chosen(ids)} and collection_id = ${collectionId} and deleted_at is null and not field_values ? ${String(storageOf(field))} order by id limit 4`.execute(
      trx,
    )
    if (rows.length === 0) continue
    const titles = rows
      .slice(0, 3)
      .map((row) => `“${row.title}”`)
      .join(', ')
    throw refused([
      {
        path: 'ids',
        message: `“${field.name}” is needed to publish, and ${titles}${rows.length > 3 ? ' and others' : ''} have none. Fill it in, or leave them out.`,
      },
    ])
  }
}

/** Deleted entries may have lost their address to another meanwhile. */
async function refuseTakenSlugs(trx: Trx, collectionId: number, ids: readonly number[]): Promise<void> {
  const { rows } = await sql<{ title: string }>`
    select other.title from entries e
    join entries other on other.collection_id = e.collection_id and other.slug = e.slug and other.id <> e.id and other.deleted_at is null
    where e.collection_id = ${collectionId} and e.id = ${chosen(ids)} and e.deleted_at is not null limit 1`.execute(
    trx,
  )
  const [taken] = rows
  if (taken)
    throw refused([
      {
        path: 'ids',
        message: `“${taken.title}” has taken the address of a deleted entry. Give it another, then undo.`,
      },
    ])
}
