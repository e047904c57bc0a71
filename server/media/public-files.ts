import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Db } from '../db/client'

/** Whether what stands on a page shows a picture, behind a band or as a fitting, in one of its forms, or in a part of one. */
export function showsPicture(form: RawBuilder<unknown>, id: RawBuilder<unknown>): RawBuilder<boolean> {
  return sql<boolean>`jsonb_path_exists(${form}, '$.**.picture ? (@ == $id)', jsonb_build_object('id', ${id}))`
}

/**
 * Whether strangers may have a file at `now` (epoch milliseconds): something that visitors see uses it,
 * be it an entry, an author, a term, a page, a look, or a published listing. What only drafts use is for
 * those who work on the site; what was deleted is for nobody.
 */
export async function isPublicFile(db: Db, hash: string, now: number): Promise<boolean> {
  const at = sql`${new Date(now)}::timestamptz`
  const { rows } = await sql<{ is_public: boolean }>`
    select exists (select from entry_media em join entry_index i on i.entry_id = em.entry_id
        where em.media_id = m.id and i.published_at <= ${at} and (i.expires_at is null or i.expires_at > ${at}))
      or exists (select from authors where portrait_id = m.id and authors.deleted_at is null)
      or exists (select from terms where picture_id = m.id)
      or exists (select from pages where deleted_at is null and ${showsPicture(sql`published -> 'areas'`, sql`m.id`)})
      or exists (select from looks where deleted_at is null and ${showsPicture(sql`styles`, sql`m.id`)})
      or exists (select from listings where ${showsPicture(sql`published -> 'look'`, sql`m.id`)})
      or exists (select from listings where published -> 'from' -> 'picks' @> jsonb_build_array(jsonb_build_object('picture', m.id))) as is_public
    from media m where m.hash = ${hash} and m.deleted_at is null`.execute(db)
  return rows[0]?.is_public === true
}
