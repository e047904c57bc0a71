import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { defaultColours } from '~~/core/looks/site-colours'
import { saveSiteColours, siteColours } from '~~/server/site/colours'
import { loadSite } from '~~/server/site/site'
import { problemOf } from './support/content'
import { newSiteDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await newSiteDatabase()
})
afterAll(() => test.drop())

describe('the colours of a site', () => {
  it('are those to begin with until they are changed', async () => {
    expect(await siteColours(test.db)).toEqual({ ...defaultColours, version: 1 })
    expect((await loadSite(test.db)).colours).toEqual(defaultColours)
  })

  it('are saved by one of several who change them at once; the others are told what there is', async () => {
    const { version } = await siteColours(test.db)
    const dark = { ...defaultColours, pages: 'dark' as const }
    const done = await Promise.allSettled(
      Array.from({ length: 5 }, () => saveSiteColours(test.db, { ...dark, version })),
    )
    expect(done.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    for (const one of done)
      if (one.status === 'rejected')
        expect(one.reason).toMatchObject({
          status: 409,
          details: { current: { pages: 'dark', version: version + 1 } },
        })
    expect((await loadSite(test.db)).colours).toEqual(dark)
  })

  it('stay as they are where what comes in is none', async () => {
    const before = await siteColours(test.db)
    const [ink, ...others] = before.palette
    const bad = { ...before, palette: [{ ...ink, light: 'url(x)' }, ...others] }
    expect(await problemOf(saveSiteColours(test.db, bad))).toMatchObject({
      status: 422,
      details: { faults: [{ path: 'palette[0].light' }] },
    })
    expect(await siteColours(test.db)).toEqual(before)
  })
})
