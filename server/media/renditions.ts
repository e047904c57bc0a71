import Negotiator from 'negotiator'
import { widthsOf } from '../../core/pictures/picture'
import type { PictureFormat } from '../../core/pictures/picture'
import type { Db } from '../db/client'
import type { Job } from '../jobs/define'
import { pictureMaker } from './picture-maker'

export interface Rendition {
  readonly type: `image/${PictureFormat}`
  readonly bytes: Buffer
}

/**
 * The smaller format when the reader's Accept header (RFC 9110, 12.5.1) names it, else WebP. Star
 * ranges don't count: browsers that can't read AVIF send them too.
 */
export function formatFor(accept: string | undefined): PictureFormat {
  const taken = new Negotiator({ headers: { accept: accept ?? '' } }).mediaTypes()
  return taken.some((type) => type.toLowerCase() === 'image/avif') ? 'avif' : 'webp'
}

/** Pictures that are being made: each once, however many ask. */
const making = new WeakMap<Db, Map<string, Promise<Rendition | null>>>()

/**
 * A picture at one of its widths, or null when there is no such picture or width. Made from the
 * original when it is asked for the first time, and kept. What moves is given as WebP always.
 * `isAwaited` says whether somebody waits for it.
 */
export async function rendition(
  db: Db,
  hash: string,
  width: number,
  asked: PictureFormat,
  isAwaited = true,
): Promise<Rendition | null> {
  const kept = await fileOf(db, hash, width, asked)
  if (kept !== null) return kept
  const begun = making.get(db) ?? new Map<string, Promise<Rendition | null>>()
  making.set(db, begun)
  const name = `${hash} ${width} ${asked}`
  const running =
    begun.get(name) ?? makeAndKeep(db, hash, width, asked, isAwaited).finally(() => begun.delete(name))
  begun.set(name, running)
  return running
}

async function makeAndKeep(
  db: Db,
  hash: string,
  width: number,
  asked: PictureFormat,
  isAwaited: boolean,
): Promise<Rendition | null> {
  const picture = await db
    .selectFrom('media as m')
    .select(['m.width', 'm.moves', 'm.type'])
    .where('m.hash', '=', hash)
    .where('m.kind', '=', 'picture')
    .where('m.deleted_at', 'is', null)
    .executeTakeFirst()
  if (!picture || !widthsOf(picture).includes(width)) return null
  if (picture.moves && asked !== 'webp') return rendition(db, hash, width, 'webp', isAwaited)
  const original = await db
    .selectFrom('media_originals')
    .select('bytes')
    .where('hash', '=', hash)
    .executeTakeFirst()
  if (!original) return null
  const bytes = await made({ ...picture, bytes: original.bytes }, width, asked, isAwaited)
  await db
    .insertInto('media_files')
    .values({ hash, width, format: asked, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return { type: `image/${asked}`, bytes }
}

/** Makes a picture at every width that layouts ask for, behind what somebody waits for. */
export const widthsMaking: Job<{ readonly hash: string }> = {
  name: 'make-picture-widths',
  cron: null,
  lease: 600,
  async run(db, { hash }, stopping) {
    const picture = await db
      .selectFrom('media')
      .select(['width', 'moves'])
      .where('hash', '=', hash)
      .where('kind', '=', 'picture')
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (picture === undefined) return
    for (const format of picture.moves ? (['webp'] as const) : (['webp', 'avif'] as const))
      for (const width of widthsOf(picture)) {
        if (stopping.aborted) throw new Error('The server ended before all widths were made.')
        await rendition(db, hash, width, format, false)
      }
  },
}

interface Original {
  readonly width: number
  readonly moves: boolean
  readonly type: string
  readonly bytes: Buffer
}

/** An original that has the format already serves at its own width as it is. */
async function made(
  picture: Original,
  width: number,
  format: PictureFormat,
  isAwaited: boolean,
): Promise<Buffer> {
  if (picture.type === `image/${format}` && width === picture.width) return picture.bytes
  return pictureMaker().make(
    {
      bytes: picture.bytes,
      isDrawing: picture.type === 'image/svg+xml',
      moves: picture.moves,
      width,
      format,
    },
    isAwaited,
  )
}

async function fileOf(db: Db, hash: string, width: number, format: PictureFormat): Promise<Rendition | null> {
  const row = await db
    .selectFrom('media_files as f')
    .innerJoin('media as m', 'm.hash', 'f.hash')
    .select('f.bytes')
    .where('f.hash', '=', hash)
    .where('f.width', '=', width)
    .where('f.format', '=', format)
    .where('m.deleted_at', 'is', null)
    .executeTakeFirst()
  return row ? { type: `image/${format}`, bytes: row.bytes } : null
}
