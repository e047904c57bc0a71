import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { loneAddress } from '~~/core/pages/listing-elsewhere'
import { placedListingsOf } from '~~/core/pages/standing'
import { isShownElsewhere, showElsewhere } from '~~/server/pages/listing-elsewhere'
import { publicDocument } from '~~/server/pages/public-document'
import { readPage } from '~~/server/pages/stored-page'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let listing: string
beforeAll(async () => {
  test = await demoDatabase()
  const { draft } = await test.db
    .selectFrom('pages')
    .select('draft')
    .where('path', '=', '/lessons')
    .executeTakeFirstOrThrow()
  listing = placedListingsOf(readPage(draft))[0]?.listing ?? ''
})
afterAll(() => test.drop())

const answer = (path = loneAddress(listing)) =>
  publicDocument(test.db, path, { now: Date.now(), page: null, visit: '' })

describe('a listing shown elsewhere', () => {
  it('is nowhere to be found until it is switched on, and no more once that is taken back', async () => {
    expect(await isShownElsewhere(test.db, listing)).toBe(false)
    expect((await answer()).status).toBe(404)
    await showElsewhere(test.db, listing, { isShown: true })
    expect(await isShownElsewhere(test.db, listing)).toBe(true)
    expect((await answer()).status).toBe(200)
    await showElsewhere(test.db, listing, { isShown: false })
    expect((await answer()).status).toBe(404)
  })

  it('stands alone: what it shows, nothing around it, to be framed by any site and found by none', async () => {
    await showElsewhere(test.db, listing, { isShown: true })
    const shown = await answer()
    if (shown.status !== 200) throw new Error('It is not there.')
    expect(shown.isFramed).toBe(true)
    expect(shown.html.match(/data-entry="\d+"/g)).toHaveLength(8)
    expect(shown.html.match(/ data-placement="/g)).toHaveLength(1)
    expect(shown.html).not.toMatch(/<header|<footer|<h1|rel="canonical"/)
    expect(shown.html).toContain('<meta name="robots" content="noindex">')
    expect(shown.html).toContain('<title>All lessons · Sorrel Hill Seed Library</title>')
    const page = await answer('/lessons')
    expect('isFramed' in page && page.isFramed === true).toBe(false)
  })

  it('is as visitors have it: not what is still in work, nor what never was published', async () => {
    await test.db.updateTable('listings').set({ published: null }).where('id', '=', listing).execute()
    expect((await answer()).status).toBe(404)
  })

  it('is refused where there is none, or where it makes no sense', async () => {
    await expect(showElsewhere(test.db, randomUUID(), { isShown: true })).rejects.toMatchObject({
      status: 404,
    })
    await expect(isShownElsewhere(test.db, randomUUID())).rejects.toMatchObject({ status: 404 })
    for (const input of [{}, { isShown: 'yes' }, { isShown: true, page: 1 }, null])
      await expect(showElsewhere(test.db, listing, input)).rejects.toMatchObject({ status: 422 })
    expect((await answer(`/listing/${randomUUID()}`)).status).toBe(404)
  })
})
