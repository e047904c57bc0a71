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
  const picture = await db
    .selectFrom('media as m')
    .innerJoin('media_originals as o', 'o.hash', 'm.hash')
    .select(['m.width', 'm.moves', 'm.type', 'o.bytes'])
    .where('m.hash', '=', hash)
    .where('m.kind', '=', 'picture')
    .executeTakeFirst()
  if (!picture || !widthsOf(picture).includes(width)) return null
  const bytes = await made(picture, width)
  await db
    .insertInto('media_files')
    .values({ hash, width, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return bytes
}

/** An original that is WebP already serves at its own width as it is. Photographs turned by their camera are set upright. */
async function made(picture: { readonly width: number; readonly moves: boolean; readonly type: string; readonly bytes: Buffer }, width: number): Promise<Buffer> {
  if (picture.type === 'image/webp' && width === picture.width) return picture.bytes
  const options = picture.type === 'image/svg+xml' ? { density: await densityFor(picture.bytes, width) } : { animated: picture.moves }
  return sharp(picture.bytes, options).autoOrient().resize({ width }).webp({ quality: 82 }).toBuffer()
}

/** The dots per inch at which a drawing is as wide as wanted: drawings are drawn anew, not enlarged. */
async function densityFor(drawing: Buffer, width: number): Promise<number> {
  const usual = 72
  const { width: own } = await sharp(drawing, { density: usual }).metadata()
  return Math.min(2400, Math.max(1, (usual * width) / own))
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
