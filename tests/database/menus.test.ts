import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { noMenus } from '~~/core/menus'
import { saveMenus, siteMenus } from '~~/server/site/menus'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
  await smallSite(test.db)
})
afterAll(() => test.drop())

describe('menus', () => {
  it('are saved by one of several who change them at once; the others are told what there is', async () => {
    const { version } = await siteMenus(test.db)
    const done = await Promise.allSettled(
      Array.from({ length: 5 }, () => saveMenus(test.db, { ...noMenus, version })),
    )
    expect(done.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    for (const one of done) if (one.status === 'rejected') expect(one.reason).toMatchObject({ status: 409 })
    expect((await siteMenus(test.db)).version).toBe(version + 1)
  })

  it('stay as they are where what comes in is none', async () => {
    const before = await siteMenus(test.db)
    await expect(saveMenus(test.db, { ...before, foot: [{ title: 'Map' }] })).rejects.toMatchObject({
      status: 422,
    })
    expect(await siteMenus(test.db)).toEqual(before)
  })
})
