import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { parseSitemap } from 'sitemap'
import { Readable } from 'node:stream'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { publicDocument } from '~~/server/pages/public-document'
import { siteMap } from '~~/server/pages/site-map'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

const origin = 'https://seeds.example'

async function addresses(now = Date.now()): Promise<readonly string[]> {
  const xml = await siteMap(test.db, origin, null, now)
  const items = await parseSitemap(Readable.from([xml ?? '']))
  return items.map((item) => item.url.slice(origin.length))
}

describe('the map of the site', () => {
  it('holds each address once, and each is answered with a page', async () => {
    const found = await addresses()
    expect(new Set(found).size).toBe(found.length)
    const { entries } = await test.db
      .selectFrom('entry_index')
      .select(({ fn }) => fn.countAll<number>().as('entries'))
      .where('published_at', '<=', new Date())
      .executeTakeFirstOrThrow()
    expect(found.length).toBeGreaterThan(Number(entries))
    for (const path of found.filter((_, at) => at % 7 === 0 || at < 30)) {
      const answer = await publicDocument(test.db, decodeURI(path), {
        now: Date.now(),
        page: null,
        visit: '',
      })
      expect([path, answer.status]).toEqual([path, 200])
    }
  })

  it('follows what is published', async () => {
    const { id, path } = await test.db
      .selectFrom('pages')
      .select(['id', 'path'])
      .where('path', '=', '/orchard')
      .executeTakeFirstOrThrow()
    expect(await addresses()).toContain(path)
    await setPageDeleted(test.db, id, true)
    expect(await addresses()).not.toContain(path)
    await setPageDeleted(test.db, id, false)
    const past = await addresses(0)
    expect(past).toContain('/orchard')
    expect(past.some((one) => one.startsWith('/field-notes/'))).toBe(false)
  })

  it('is told in parts where it is asked for, and no part is there that is not', async () => {
    expect(await siteMap(test.db, origin, 1, Date.now())).toContain(`<loc>${origin}/orchard</loc>`)
    expect(await siteMap(test.db, origin, 2, Date.now())).toContain(`<loc>${origin}/field-notes/`)
    expect(await siteMap(test.db, origin, 3, Date.now())).toBeNull()
  })
})
