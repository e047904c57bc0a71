import { sql } from 'kysely'
import { parseAuthorInput } from '../../core/people'
import type { AuthorRow } from '../../core/people'
import { slugOf } from '../../core/content/slug'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing } from '../http/problem'
import { recordChange } from '../live/record-change'
import { refuseUnknownPicture } from '../media/known-picture'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { authorLeaving, authorReturning } from './author-work'

/** The authors with how many entries name each. */
export async function authorRows(db: Db): Promise<readonly AuthorRow[]> {
  return db
    .selectFrom('authors as a')
    .select(['a.id', 'a.slug', 'a.name', 'a.about', 'a.portrait_id as portraitId'])
    .select(
      sql<number>`(select count(*)::integer from entries e where e.author_id = a.id and e.deleted_at is null)`.as(
        'entries',
      ),
    )
    .where('a.deleted_at', 'is', null)
    .orderBy('a.name')
    .execute()
}

/** Adds an author. Throws 422 for what is wrong. */
export async function addAuthor(db: Db, input: unknown): Promise<{ readonly id: number }> {
  const { name, about, portraitId } = accepted(parseAuthorInput(input))
  return transact(db, async (trx) => {
    await refuseUnknownPicture(trx, portraitId, 'portraitId')
    const added = await trx
      .insertInto('authors')
      .values({ slug: await freeSlug(trx, name), name, about, portrait_id: portraitId })
      .returning('id')
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return added
  })
}

/** Changes what is said about an author. */
export async function saveAuthor(db: Db, id: number, input: unknown): Promise<void> {
  const { name, about, portraitId } = accepted(parseAuthorInput(input))
  await transact(db, async (trx) => {
    await refuseUnknownPicture(trx, portraitId, 'portraitId')
    const row = await trx
      .updateTable('authors')
      .set({ name, about, portrait_id: portraitId })
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .returning('id')
      .executeTakeFirst()
    if (!row) throw missing('The author')
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** Takes an author away from the site and its entries, or puts them back on the entries that named them. */
export async function setAuthorDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  // What is still on its way goes first.
  const begun = await db
    .selectFrom('long_work')
    .select('id')
    .where('kind', 'in', [authorLeaving.kind, authorReturning.kind])
    .where(sql<boolean>`detail ->> 'author' = ${String(id)}`)
    .execute()
  for (const work of begun) await finishSoon(db, work.id)
  const work = await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('authors')
      .select('deleted_at')
      .where('id', '=', id)
      .forNoKeyUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The author')
    if ((row.deleted_at !== null) === deleted) return null
    await trx
      .updateTable('authors')
      .set({ deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return beginWork(trx, deleted ? authorLeaving : authorReturning, { author: id })
  })
  if (work !== null) await finishSoon(db, work)
}

async function freeSlug(trx: Trx, name: string): Promise<string> {
  const wanted = slugOf(name) || 'author'
  const taken = new Set((await trx.selectFrom('authors').select('slug').execute()).map((row) => row.slug))
  let slug = wanted
  for (let count = 2; taken.has(slug); count += 1) slug = `${wanted}-${count}`
  return slug
}
