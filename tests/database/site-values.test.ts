import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { noCss } from '~~/core/looks/own-css/own-css'
import { defaultValues } from '~~/core/looks/site-values'
import { saveSiteValues, siteValues } from '~~/server/site/values'
import { addLook } from '~~/server/looks/looks'
import { saveMenus, siteMenus } from '~~/server/site/menus'
import { saveSiteFacts, siteFacts } from '~~/server/site/site-facts'
import { loadSite } from '~~/server/site/site'
import { problemOf } from './support/content'
import { newSiteDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await newSiteDatabase()
})
afterAll(() => test.drop())

describe('the values of a site', () => {
  it('are those to begin with until they are changed', async () => {
    expect(await siteValues(test.db)).toEqual({ ...defaultValues, version: 1 })
    expect((await loadSite(test.db)).values).toEqual(defaultValues)
  })

  it('have the scales to begin with where they were saved before there were any', async () => {
    const { palette } = defaultValues
    await test.db
      .updateTable('site')
      .set({ named_values: JSON.stringify({ palette, pages: 'dark' }) })
      .execute()
    expect(await siteValues(test.db)).toEqual({ ...defaultValues, pages: 'dark', version: 1 })
    await test.db.updateTable('site').set({ named_values: null }).execute()
  })

  it('are saved by one of several who change them at once; the others are told what there is', async () => {
    const { version } = await siteValues(test.db)
    const dark = { ...defaultValues, pages: 'dark' as const }
    const done = await Promise.allSettled(
      Array.from({ length: 5 }, () => saveSiteValues(test.db, { ...dark, version })),
    )
    expect(done.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    for (const one of done)
      if (one.status === 'rejected')
        expect(one.reason).toMatchObject({
          status: 409,
          details: { current: { pages: 'dark', version: version + 1 } },
        })
    expect((await loadSite(test.db)).values).toEqual(dark)
  })

  it('are saved beside menus, facts and looks, as each of those is', async () => {
    const [values, menus, facts] = await Promise.all([
      siteValues(test.db),
      siteMenus(test.db),
      siteFacts(test.db),
    ])
    const writes = Array.from({ length: 8 }, (_, at) => [
      addLook(test.db, { name: `Beside ${at}`, styles: [], css: noCss }),
      saveSiteValues(test.db, values),
      saveMenus(test.db, menus),
      saveSiteFacts(test.db, facts),
    ])
    const done = await Promise.allSettled(writes.flat())
    const of = (kind: number) => done.filter((_, at) => at % 4 === kind)
    expect(of(0).every(({ status }) => status === 'fulfilled')).toBe(true)
    for (const kind of [1, 2, 3])
      expect(of(kind).filter(({ status }) => status === 'fulfilled')).toHaveLength(1)
    for (const one of done) if (one.status === 'rejected') expect(one.reason).toMatchObject({ status: 409 })
  })

  it('stay as they are where what comes in is none', async () => {
    const before = await siteValues(test.db)
    const [ink, ...others] = before.palette
    const bad = { ...before, palette: [{ ...ink, light: 'url(x)' }, ...others] }
    expect(await problemOf(saveSiteValues(test.db, bad))).toMatchObject({
      status: 422,
      details: { faults: [{ path: 'palette[0].light' }] },
    })
    expect(await siteValues(test.db)).toEqual(before)
  })
})
