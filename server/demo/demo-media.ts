import { createHash } from 'node:crypto'
import { readFile } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import sharp from 'sharp'
import { pictureWords } from '../../demo/picture-words'
import { draw } from '../../demo/pictures/draw'
import type { DrawnPicture } from '../../demo/pictures/draw'
import { palettes } from '../../demo/pictures/palettes'
import type { Trx } from '../db/client'
import { storeMedia } from '../media/media'
import { recognise } from '../media/recognise'

/** Stores the demo's pictures and files as they are asked for, each once. */
export interface DemoMedia {
  /** The id of a drawn picture. */
  readonly picture: (picture: DrawnPicture, name: string) => number
  /** The id of one of the demo's files. */
  readonly file: (name: string) => Promise<number>
}

const folder = fileURLToPath(new URL('../../demo/films/', import.meta.url))

/** Draws and stores these pictures ahead, several at once. */
export async function demoMedia(
  trx: Trx,
  pictures: readonly { readonly picture: DrawnPicture; readonly name: string }[],
): Promise<DemoMedia> {
  const drawn = await Promise.all(
    pictures.map(async ({ picture, name }) => ({ picture, name, bytes: await bytesOf(picture) })),
  )
  const ids = new Map<string, number>()
  for (const { picture, name, bytes } of drawn) {
    const key = JSON.stringify(picture)
    if (!ids.has(key)) ids.set(key, await storePicture(trx, picture, name, bytes))
  }
  return {
    picture(picture, name) {
      const id = ids.get(JSON.stringify(picture))
      if (id === undefined) throw new Error(`The picture of “${name}” was not drawn.`)
      return id
    },
    async file(name) {
      return storeMedia(trx, await recognise(await readFile(`${folder}${name}`)), name)
    },
  }
}

function bytesOf(picture: DrawnPicture): Promise<Buffer> {
  return sharp(Buffer.from(draw(picture)))
    .webp({ quality: 86, effort: 2 })
    .toBuffer()
}

async function storePicture(
  trx: Trx,
  { motif, palette, width, height }: DrawnPicture,
  name: string,
  bytes: Buffer,
): Promise<number> {
  const hash = createHash('sha256').update(bytes).digest('hex').slice(0, 32)
  const { id } = await trx
    .insertInto('media')
    .values({
      hash,
      width,
      height,
      file_name: `${name}.webp`,
      kind: 'picture',
      type: 'image/webp',
      bytes: bytes.length,
      alternative: pictureWords[motif],
      tint: palettes[palette].ground,
    })
    .onConflict((on) => on.column('hash').doUpdateSet({ deleted_at: null }))
    .returning('id')
    .executeTakeFirstOrThrow()
  await trx
    .insertInto('media_originals')
    .values({ hash, bytes })
    .onConflict((on) => on.doNothing())
    .execute()
  return id
}
