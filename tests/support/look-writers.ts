import { readFileSync } from 'node:fs'
import { noCss } from '~~/core/looks/own-css/own-css'
import { pageSets } from '~~/core/looks/site-values'
import { addFontFile } from '~~/server/fonts/fonts'
import { addLook, saveLook, setLookDeleted, sharedLooks } from '~~/server/looks/looks'
import { loadSite } from '~~/server/site/site'
import { saveSiteValues, siteValues } from '~~/server/site/values'
import type { Db } from '~~/server/db/client'

type Pick = <T>(from: readonly T[]) => T

/** Makes a look while there are few; changes one, or takes it away and puts it back. */
export async function changeLook(db: Db, at: number, pick: Pick): Promise<void> {
  const looks = await sharedLooks(db)
  if (looks.length < 4) {
    await addLook(db, { name: `Mixed ${at}`, styles: [], css: noCss })
    return
  }
  const look = pick(looks)
  if (at % 5 === 0) {
    await setLookDeleted(db, look.id, true)
    await setLookDeleted(db, look.id, false)
    return
  }
  const { name, styles, version } = look
  await saveLook(db, look.id, { name, styles, css: { text: `/* ${at} */`, isOn: true }, version })
}

/** Has pages go by another set of the palette. */
export async function changeValues(db: Db, pick: Pick): Promise<void> {
  await saveSiteValues(db, { ...(await siteValues(db)), pages: pick(pageSets) })
}

/** What is wrong with the named values after so many acknowledged changes: each made the version grow. */
export async function lostValues(db: Db, acknowledged: number): Promise<readonly string[]> {
  const { version } = await siteValues(db)
  return version > acknowledged ? [] : [`${acknowledged} changes of the palette made version ${version}`]
}

const cuts = ['400-normal', '400-italic', '700-normal'] as const

/** Brings one file after the other of a font, over and over. */
export async function bringFont(db: Db, at: number): Promise<void> {
  const cut = cuts[at % cuts.length] ?? cuts[0]
  await addFontFile(db, readFileSync(`node_modules/@fontsource/lora/files/lora-latin-${cut}.woff2`))
}

/** What is wrong with the fonts after so many were acknowledged: each file is there, once. */
export async function lostFonts(db: Db, acknowledged: number): Promise<readonly string[]> {
  const files = (await loadSite(db)).fonts.flatMap((font) => font.files)
  const brought = Math.min(acknowledged, cuts.length)
  return files.length >= brought && files.length <= cuts.length
    ? []
    : [`${acknowledged} files of a font left ${files.length}`]
}
