import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { fontAddress, mostOwnFonts } from '~~/core/looks/fonts/own-fonts'
import { sql } from 'kysely'
import type { Kysely } from 'kysely'
import { up } from '~~/server/db/migrations/0027-fonts'
import { addFontFile, fontBytes, setFontRemoved } from '~~/server/fonts/fonts'
import { addLook } from '~~/server/looks/looks'
import { loadSite } from '~~/server/site/site'
import { saveSiteValues, siteValues } from '~~/server/site/values'
import { noCss } from '~~/core/looks/own-css/own-css'
import { problemOf } from './support/content'
import { newSiteDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await newSiteDatabase()
})
afterAll(() => test.drop())
beforeEach(async () => {
  await test.db.updateTable('site').set({ fonts: '[]' }).execute()
})

const file = (font: string) =>
  readFileSync(`node_modules/@fontsource-variable/${font}/files/${font}-latin-wght-normal.woff2`)
const lora = (cut: string) => readFileSync(`node_modules/@fontsource/lora/files/lora-latin-${cut}.woff2`)
const fontsNow = async () => (await loadSite(test.db)).fonts

describe('the fonts that a site brings', () => {
  it('are all there that were brought at once, beside other changes of the site', async () => {
    const cuts = ['400-normal', '400-italic', '700-normal']
    const values = await siteValues(test.db)
    await Promise.all([
      ...cuts.map((cut) => addFontFile(test.db, lora(cut))),
      addFontFile(test.db, file('outfit')),
      saveSiteValues(test.db, { ...values, pages: 'dark' }),
      addLook(test.db, { name: 'Beside fonts', styles: [], css: noCss }),
    ])
    const fonts = await fontsNow()
    expect(fonts.map(({ name, title, files }) => [name, title, files.length])).toEqual([
      ['lora', 'Lora', 3],
      // A shipped font has the name already.
      ['outfit-2', 'Outfit', 1],
    ])
    for (const { hash } of fonts.flatMap(({ files }) => files))
      expect((await fontBytes(test.db, hash))?.toString('latin1', 0, 4)).toBe('wOF2')
    expect((await siteValues(test.db)).pages).toBe('dark')
  })

  it('come once where the same file is brought twice', async () => {
    const once = await addFontFile(test.db, lora('400-normal'))
    expect(await addFontFile(test.db, lora('400-normal'))).toEqual(once)
  })

  it('can be put back once removed, until another is brought', async () => {
    const { name, files } = await addFontFile(test.db, lora('400-normal'))
    await setFontRemoved(test.db, name, true)
    expect((await fontsNow()).map(({ isRemoved }) => isRemoved)).toEqual([true])
    await setFontRemoved(test.db, name, false)
    expect((await fontsNow()).map(({ isRemoved }) => isRemoved)).toEqual([false])
    await setFontRemoved(test.db, name, true)
    await addFontFile(test.db, file('outfit'))
    expect((await fontsNow()).map((font) => font.name)).toEqual(['outfit-2'])
    expect(await fontBytes(test.db, files[0]?.hash ?? '')).toBeNull()
    expect(await problemOf(setFontRemoved(test.db, name, false))).toMatchObject({ status: 404 })
  })

  it('are refused beyond so many, and what is no font changes nothing', async () => {
    const full = await addFontFile(test.db, lora('400-normal'))
    const many = Array.from({ length: mostOwnFonts }, (_, at) => ({
      ...full,
      name: `own-${at}`,
      title: `Own ${at}`,
    }))
    await test.db
      .updateTable('site')
      .set({ fonts: JSON.stringify(many) })
      .execute()
    for (const bytes of [file('outfit'), Buffer.from('none')])
      expect(await problemOf(addFontFile(test.db, bytes))).toMatchObject({ status: 422 })
    expect(await fontsNow()).toEqual(many)
    expect(fontAddress({ hash: 'a' })).toBe('/media/fonts/a.woff2')
  })
})

it('names the families of older looks by what they are for', async () => {
  const { id } = await addLook(test.db, { name: 'Older', styles: [], css: noCss })
  const styles = (family: string) => [{ target: 'title', state: null, below: null, set: { family } }]
  await test.db.transaction().execute(async (trx) => {
    await sql`alter table site drop column fonts`.execute(trx)
    await sql`drop table font_files`.execute(trx)
    await trx
      .updateTable('looks')
      .set({ styles: JSON.stringify([...styles('serif'), ...styles('sans'), ...styles('outfit')]) })
      .where('id', '=', id)
      .execute()
    await up(trx as unknown as Kysely<unknown>)
  })
  const look = await test.db.selectFrom('looks').select('styles').where('id', '=', id).executeTakeFirst()
  expect(look?.styles).toEqual([...styles('headings'), ...styles('text'), ...styles('outfit')])
})
