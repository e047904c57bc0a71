import { createHash } from 'node:crypto'
import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { number, object, string } from 'yup'
import type { InferType } from 'yup'
import type { MediaRow, MediaUse } from '../../core/content/answers'
import { mediaKinds, parseMediaInput } from '../../core/content/media'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { showsPicture } from './public-files'
import { recognise } from './recognise'
import type { Recognised } from './recognise'

/** What the media may be asked: a page of them, of some kinds, by a part of their name or description. */
export const mediaQuery = object({
  /** Kinds joined by commas; empty for all. */
  kinds: string()
    .matches(new RegExp(`^(?:(?:${mediaKinds.join('|')})(?:,|$))*$`), 'Ask for kinds of file there are.')
    .default(''),
  search: string().trim().max(200).default(''),
  page: number().integer().min(1).max(100_000).default(1),
  perPage: number().integer().min(1).max(200).default(60),
})
export type MediaQuery = InferType<typeof mediaQuery>

function rowsOf(db: Db) {
  return db
    .selectFrom('media as m')
    .select([
      'm.id',
      'm.hash',
      'm.kind',
      'm.type',
      'm.bytes',
      'm.width',
      'm.height',
      'm.alternative',
      'm.credit',
      'm.tint',
      'm.moves',
      'm.focal_x as focalX',
      'm.focal_y as focalY',
      'm.file_name as fileName',
    ])
    .select(
      sql<number>`(
        (select count(*) from entry_media em join entries e on e.id = em.entry_id and e.deleted_at is null where em.media_id = m.id)
        + (select count(*) from authors where portrait_id = m.id)
        + (select count(*) from site where icon_id = m.id)
        + (select count(*) from terms where picture_id = m.id and not leaving)
        + (select count(*) from listings where ${picksPicture(sql`m.id`)})
        + (select count(*) from looks where deleted_at is null and ${showsPicture(sql`styles`, sql`m.id`)})
        + (select count(*) from pages where deleted_at is null and ${isOnPage(sql`m.id`)})
      )::integer`.as('uses'),
    )
    .where('m.deleted_at', 'is', null)
}

/** Whether a listing shows a picture in its look or with something picked by hand, in its draft or as it is published. */
function picksPicture(id: RawBuilder<unknown>): RawBuilder<boolean> {
  const picked = sql`jsonb_build_array(jsonb_build_object('picture', ${id}))`
  const looked = [sql`draft -> 'look'`, sql`published -> 'look'`].map((look) => showsPicture(look, id))
  return sql<boolean>`(draft -> 'from' -> 'picks' @> ${picked} or published -> 'from' -> 'picks' @> ${picked}
    or ${sql.join(looked, sql` or `)})`
}

/** Whether a page shows a picture of its own, in its draft, on its shelf or as it is published. */
function isOnPage(id: RawBuilder<unknown>): RawBuilder<boolean> {
  return sql<boolean>`(${showsPicture(sql`draft`, id)} or ${showsPicture(sql`published`, id)})`
}

/** A page of the media, newest first, and how many there are in all. */
export async function mediaTable(
  db: Db,
  query: MediaQuery,
): Promise<{ readonly rows: readonly MediaRow[]; readonly total: number }> {
  const kinds = query.kinds.split(',').filter((kind) => kind !== '')
  const wanted = sql<boolean>`
    (${kinds.length === 0} or m.kind = any(${sql.val(kinds)}::text[]))
    and (m.file_name || ' ' || m.alternative || ' ' || m.credit) ilike ${`%${query.search.replace(/[\\%_]/g, '\\$&')}%`}`
  const [rows, { total }] = await Promise.all([
    rowsOf(db)
      .where(wanted)
      .orderBy('m.id', 'desc')
      .limit(query.perPage)
      .offset((query.page - 1) * query.perPage)
      .execute(),
    db
      .selectFrom('media as m')
      .select(({ fn }) => fn.countAll<number>().as('total'))
      .where('m.deleted_at', 'is', null)
      .where(wanted)
      .executeTakeFirstOrThrow(),
  ])
  return { rows, total }
}

/** The media of these ids that there are, in the order of the ids. */
export async function mediaByIds(db: Db, ids: readonly number[]): Promise<readonly MediaRow[]> {
  if (ids.length === 0) return []
  const rows = new Map(
    (
      await rowsOf(db)
        .where('m.id', 'in', [...ids])
        .execute()
    ).map((row) => [row.id, row]),
  )
  return ids.flatMap((id) => rows.get(id) ?? [])
}

/**
 * Stores a file. One that is there already, byte for byte, is not stored twice. Throws 422 for files
 * that are not taken.
 */
export async function addMedia(db: Db, given: Buffer, fileName: string): Promise<MediaRow> {
  const recognised = await recognise(given)
  const id = await transact(db, (trx) => storeMedia(trx, recognised, fileName))
  const [row] = await mediaByIds(db, [id])
  if (!row) throw missing('The file')
  return row
}

/** Stores a file that was recognised, under the last part of its name; gives its id. */
export async function storeMedia(
  trx: Trx,
  { type, bytes, ...measures }: Recognised,
  fileName: string,
): Promise<number> {
  const hash = createHash('sha256').update(bytes).digest('hex').slice(0, 32)
  const name =
    fileName
      .replace(/^.*[/\\]/, '')
      .replace(/\p{Cc}/gu, '')
      .trim()
      .slice(0, 200) || `file.${type.ending}`
  const row = await trx
    .insertInto('media')
    .values({
      hash,
      file_name: name,
      kind: type.kind,
      type: type.type,
      bytes: bytes.length,
      alternative: '',
      ...measures,
    })
    .onConflict((on) => on.column('hash').doUpdateSet({ deleted_at: null }))
    .returning('id')
    .executeTakeFirstOrThrow()
  await trx
    .insertInto('media_originals')
    .values({ hash, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return row.id
}

/** Changes what is said about a file. Throws 422 for what is wrong in it, 404 for no such file. */
export async function saveMedia(db: Db, id: number, input: unknown): Promise<MediaRow> {
  const { fileName, alternative, credit, focalX, focalY } = accepted(parseMediaInput(input))
  await transact(db, async (trx) => {
    const row = await trx
      .updateTable('media')
      .set({ file_name: fileName, alternative, credit, focal_x: focalX, focal_y: focalY })
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .returning('id')
      .executeTakeFirst()
    if (!row) throw missing('The file')
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
  const [row] = await mediaByIds(db, [id])
  if (!row) throw missing('The file')
  return row
}

/** Where a file is used. */
export async function mediaUses(db: Db, id: number): Promise<readonly MediaUse[]> {
  const { rows } = await sql<MediaUse>`
    select 'entry' as kind, e.id, e.title as name, c.slug as "collection" from entry_media em
      join entries e on e.id = em.entry_id and e.deleted_at is null
      join collections c on c.id = e.collection_id
      where em.media_id = ${id}
    union all select 'author', id, name, null from authors where portrait_id = ${id}
    union all select 'site', id, name, null from site where icon_id = ${id}
    union all select 'term', id, name, null from terms where picture_id = ${id} and not leaving
    union all select 'listing', 0, coalesce(draft ->> 'name', ''), null from listings where ${picksPicture(sql`${id}::integer`)}
    union all select 'look', id, name, null from looks where deleted_at is null and ${showsPicture(sql`styles`, sql`${id}::integer`)}
    union all select 'page', id, draft ->> 'title', null from pages where deleted_at is null and ${isOnPage(sql`${id}::integer`)}
    order by name limit 200`.execute(db)
  return rows
}

/** Takes a file out, or puts it back. One that is used is refused with where it is used. */
export async function setMediaDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('media')
      .select('file_name')
      .where('id', '=', id)
      .forUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The file')
    const uses = deleted ? await mediaUses(trx, id) : []
    const [first] = uses
    if (first) {
      const others =
        uses.length === 1 ? '' : uses.length === 2 ? ' and one other' : ` and ${uses.length - 1} others`
      throw refused([
        {
          path: '',
          message: `“${row.file_name}” is used by “${first.name}”${others}. Take it off there first.`,
        },
      ])
    }
    await trx
      .updateTable('media')
      .set({ deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
  })
}
