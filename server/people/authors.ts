import { sql } from 'kysely'
import { parseAuthorInput } from '../../core/people'
import type { AuthorRow } from '../../core/people'
import { slugOf } from '../../core/content/slug'
import { indexEntries } from '../content/entry-index'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'

/** The authors with how many entries name each. */
export async function authorRows(db: Db): Promise<readonly AuthorRow[]> {
  return db
    .selectFrom('authors as a')
    .select(['a.id', 'a.slug', 'a.name', 'a.about', 'a.portrait_id as portraitId'])
    .select(sql<number>`(select count(*)::integer from entries e where e.author_id = a.id and e.deleted_at is null)`.as('entries'))
    .where('a.deleted_at', 'is', null)
    .orderBy('a.name')
    .execute()
}

/** Adds an author. Throws 422 for what is wrong. */
export async function addAuthor(db: Db, input: unknown): Promise<{ readonly id: number }> {
  const { name, about, portraitId } = accepted(parseAuthorInput(input))
  return transact(db, async (trx) => {
    await checkPortrait(trx, portraitId)
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
    await checkPortrait(trx, portraitId)
    const row = await trx.updateTable('authors').set({ name, about, portrait_id: portraitId }).where('id', '=', id).where('deleted_at', 'is', null).returning('id').executeTakeFirst()
    if (!row) throw missing('The author')
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** Takes an author away from the site and its entries, or puts them back on the entries that named them. */
export async function setAuthorDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await transact(db, async (trx) => {
    const row = await trx.selectFrom('authors').select(['entry_ids', 'deleted_at']).where('id', '=', id).forNoKeyUpdate().executeTakeFirst()
    if (!row) throw missing('The author')
    if ((row.deleted_at !== null) === deleted) return
    const named = deleted
      ? (await trx.selectFrom('entries').select('id').where('author_id', '=', id).execute()).map((entry) => entry.id)
      : row.entry_ids
    const chosen = sql`any(${sql.val([...named])}::integer[])`
    if (deleted) await sql`update entries set author_id = null where id = ${chosen}`.execute(trx)
    else await sql`update entries set author_id = ${id} where id = ${chosen} and author_id is null`.execute(trx)
    await trx
      .updateTable('authors')
      .set({ deleted_at: deleted ? new Date() : null, entry_ids: deleted ? named : [] })
      .where('id', '=', id)
      .execute()
    await indexEntries(trx, named)
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

async function checkPortrait(trx: Trx, id: number | null): Promise<void> {
  if (id === null) return
  const picture = await trx.selectFrom('media').select('id').where('id', '=', id).where('kind', '=', 'picture').where('deleted_at', 'is', null).executeTakeFirst()
  if (!picture) throw refused([{ path: 'portraitId', message: 'This picture is gone. Choose another.' }])
}

async function freeSlug(trx: Trx, name: string): Promise<string> {
  const wanted = slugOf(name) || 'author'
  const taken = new Set((await trx.selectFrom('authors').select('slug').execute()).map((row) => row.slug))
  let slug = wanted
  for (let count = 2; taken.has(slug); count += 1) slug = `${wanted}-${count}`
  return slug
}
