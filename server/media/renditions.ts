import sharp from 'sharp'
import { widthsOf } from '../../core/pictures/picture'
import type { PictureFormat } from '../../core/pictures/picture'
import type { Db } from '../db/client'

export interface Rendition {
  readonly type: `image/${PictureFormat}`
  readonly bytes: Buffer
}

/**
 * The smaller format when the reader's Accept header (RFC 9110, 12.5.1) names it, else WebP. Star
 * ranges don't count: browsers that can't read AVIF send them too.
 */
export function formatFor(accept: string | undefined): PictureFormat {
  const named = (accept ?? '').split(',').map((range) => range.replace(/\s/g, '').toLowerCase())
  return named.some((range) => /^image\/avif(?:;|$)/.test(range) && !/;q=0(?:\.0*)?(?:;|$)/.test(range)) ? 'avif' : 'webp'
}

/**
 * A picture at one of its widths, or null when there is no such picture or width. Made from the
 * original when it is asked for the first time, and kept. What moves is given as WebP always.
 */
export async function rendition(db: Db, hash: string, width: number, asked: PictureFormat): Promise<Rendition | null> {
  const kept = await fileOf(db, hash, width, asked)
  if (kept !== null) return kept
  const picture = await db
    .selectFrom('media as m')
    .innerJoin('media_originals as o', 'o.hash', 'm.hash')
    .select(['m.width', 'm.moves', 'm.type', 'o.bytes'])
    .where('m.hash', '=', hash)
    .where('m.kind', '=', 'picture')
    .executeTakeFirst()
  if (!picture || !widthsOf(picture).includes(width)) return null
  if (picture.moves && asked !== 'webp') return rendition(db, hash, width, 'webp')
  const bytes = await made(picture, width, asked)
  await db
    .insertInto('media_files')
    .values({ hash, width, format: asked, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return { type: `image/${asked}`, bytes }
}

interface Original {
  readonly width: number
  readonly moves: boolean
  readonly type: string
  readonly bytes: Buffer
}

/** An original that has the format already serves at its own width as it is. Photographs turned by their camera are set upright. */
async function made(picture: Original, width: number, format: PictureFormat): Promise<Buffer> {
  if (picture.type === `image/${format}` && width === picture.width) return picture.bytes
  const options = picture.type === 'image/svg+xml' ? { density: await densityFor(picture.bytes, width) } : { animated: picture.moves }
  const resized = sharp(picture.bytes, options).autoOrient().resize({ width })
  // Effort 2 is a sixth of the time of sharp's usual 4 for files a tenth larger.
  return (format === 'avif' ? resized.avif({ quality: 60, effort: 2 }) : resized.webp({ quality: 82 })).toBuffer()
}

/** The dots per inch at which a drawing is as wide as wanted: drawings are drawn anew, not enlarged. */
async function densityFor(drawing: Buffer, width: number): Promise<number> {
  const usual = 72
  const { width: own } = await sharp(drawing, { density: usual }).metadata()
  return Math.min(2400, Math.max(1, (usual * width) / own))
}

async function fileOf(db: Db, hash: string, width: number, format: PictureFormat): Promise<Rendition | null> {
  const row = await db
    .selectFrom('media_files')
    .select('bytes')
    .where('hash', '=', hash)
    .where('width', '=', width)
    .where('format', '=', format)
    .executeTakeFirst()
  return row ? { type: `image/${format}`, bytes: row.bytes } : null
}
