import { createHash } from 'node:crypto'
import { mostFontFiles, mostOwnFonts, presentFonts, withFontFile } from '../../core/looks/fonts/own-fonts'
import type { OwnFont } from '../../core/looks/fonts/own-fonts'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { readWoff2 } from './read-woff2'

/**
 * Brings a file of a font to the site; the font that it says it is of has it from then on. Throws 422 for what
 * is no such file, and where there are as many as there may be.
 */
export async function addFontFile(db: Db, bytes: Buffer): Promise<OwnFont> {
  const facts = await readWoff2(bytes)
  const hash = createHash('sha256').update(bytes).digest('hex').slice(0, 32)
  return transact(db, async (trx) => {
    // What was taken away could be put back until now.
    const present = presentFonts(await heldFonts(trx))
    const { fonts, font } = withFontFile(present, facts, hash)
    if (fonts.length > mostOwnFonts) throw tooMany(`A site brings ${mostOwnFonts} fonts with it at most.`)
    if (font.files.length > mostFontFiles) throw tooMany(`A font has ${mostFontFiles} files at most.`)
    await trx
      .insertInto('font_files')
      .values({ hash, bytes })
      .onConflict((conflict) => conflict.column('hash').doNothing())
      .execute()
    const kept = fonts.flatMap(({ files }) => files.map((file) => file.hash))
    await trx.deleteFrom('font_files').where('hash', 'not in', kept).execute()
    await writeFonts(trx, fonts)
    return font
  })
}

function tooMany(words: string) {
  return refused([{ path: 'file', message: `${words} Remove one first.` }])
}

/** Takes a font away, or puts it back for as long as no other is brought. Throws 404. */
export async function setFontRemoved(db: Db, name: string, isRemoved: boolean): Promise<void> {
  await transact(db, async (trx) => {
    const fonts = await heldFonts(trx)
    if (!fonts.some((one) => one.name === name)) throw missing('The font')
    await writeFonts(
      trx,
      fonts.map((one) => (one.name === name ? { ...one, isRemoved } : one)),
    )
  })
}

/** The bytes of a file of a font that the site has; null for none. */
export async function fontBytes(db: Db, hash: string): Promise<Buffer | null> {
  const row = await db.selectFrom('font_files').select('bytes').where('hash', '=', hash).executeTakeFirst()
  return row?.bytes ?? null
}

/** The fonts of the site, which nobody else changes meanwhile. */
async function heldFonts(trx: Trx): Promise<readonly OwnFont[]> {
  const { fonts } = await trx.selectFrom('site').select('fonts').forNoKeyUpdate().executeTakeFirstOrThrow()
  return fonts
}

async function writeFonts(trx: Trx, fonts: readonly OwnFont[]): Promise<void> {
  await trx
    .updateTable('site')
    .set({ fonts: JSON.stringify(fonts) })
    .execute()
  await recordChange(trx, { kind: 'site', subjectId: null })
}
