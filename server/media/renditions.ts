import sharp from 'sharp'
import { widthsOf } from '../../core/pictures/picture'
import type { Db } from '../db/client'

/**
 * The bytes (WebP) of a picture at one of its widths, or null when there is no such picture or
 * width. A width asked for the first time is made from the original and kept.
 */
export async function rendition(db: Db, hash: string, width: number): Promise<Buffer | null> {
  const kept = await fileOf(db, hash, width)
  if (kept !== null) return kept
  const picture = await db.selectFrom('media').select('width').where('hash', '=', hash).executeTakeFirst()
  if (!picture || !widthsOf(picture).includes(width)) return null
  const original = await fileOf(db, hash, picture.width)
  if (original === null) return null
  const bytes = await sharp(original).resize({ width }).webp({ quality: 82 }).toBuffer()
  await db
    .insertInto('media_files')
    .values({ hash, width, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return bytes
}

async function fileOf(db: Db, hash: string, width: number): Promise<Buffer | null> {
  const row = await db
    .selectFrom('media_files')
    .select('bytes')
    .where('hash', '=', hash)
    .where('width', '=', width)
    .executeTakeFirst()
  return row?.bytes ?? null
}
