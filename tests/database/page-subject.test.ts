import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { addEntry } from '~~/server/content/entries'
import { askingAnew } from '~~/server/listings/ask'
import { pageAddress, pagesOf, subjectOf } from '~~/server/pages/page-subject'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  for (let at = 1; at <= 9; at += 1) {
    const about = at % 2 === 0 ? { termIds: [site.compost] } : { authorId: site.authorId }
    await addEntry(test.db, site.collectionId, { ...rain, title: `Rain ${at}`, slug: `rain-${at}`, publishedAt: Date.UTC(2026, 0, 27 + at, 12), ...about }, site.writer)
  }
})
afterAll(() => test.drop())

const subject = (query: string) => subjectOf(test.db, new URLSearchParams(query))

function following(perPage: number | null = null): Listing {
  const listing = newListing('Following', site.collectionId)
  return { ...listing, from: { ...listing.from, by: 'page' }, order: { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' }, amount: { ...listing.amount, take: 8, perPage } }
}

async function titlesAt(query: string, listing = following()): Promise<readonly string[]> {
  const { ids } = await askingAnew(test.db).shown(listing, { now: Date.UTC(2026, 6, 1), page: await subject(query), visit: '' }, [])
  const rows = await test.db.selectFrom('entries').select(['id', 'title']).where('id', 'in', [0, ...ids]).execute()
  return ids.map((id) => rows.find((row) => row.id === id)?.title ?? '')
}

describe('a listing that follows its page', () => {
  it('shows what the address says the page is about', async () => {
    expect(await titlesAt('term=topic/compost')).toEqual(['Rain 2', 'Rain 4', 'Rain 6', 'Rain 8'])
    expect(await titlesAt('term=topic/soil')).toHaveLength(4)
    expect(await titlesAt('author=maud')).toEqual(['Rain 1', 'Rain 3', 'Rain 5', 'Rain 7', 'Rain 9'])
    expect(await titlesAt('month=2026-01')).toEqual(['Rain 1', 'Rain 2', 'Rain 3', 'Rain 4'])
    expect(await titlesAt('words=RAIN 7')).toEqual(['Rain 7'])
    expect(await titlesAt('')).toEqual([])
  })

  it.each(['term=topic/nothing', 'term=', 'author=nobody', 'month=2026-13', 'month=0000-01', 'other=1'])('takes an address for nothing that says nothing: %s', async (query) => {
    expect(await subject(query)).toBeNull()
  })

  it('comes in pages, each leading to the next, up to what the listing shows in all', async () => {
    const all: number[] = []
    const asker = askingAnew(test.db)
    const asked = { now: Date.UTC(2026, 6, 1), page: await subject('words=rain'), visit: '' }
    let cursor: string | null = null
    for (const expected of [3, 3, 2]) {
      const shown = await asker.shown(following(3), asked, [], cursor)
      expect([shown.ids.length, shown.before]).toEqual([expected, all.length])
      all.push(...shown.ids)
      cursor = shown.next
    }
    expect(cursor).toBeNull()
    expect(all).toEqual((await asker.shown(following(), asked, [])).ids)
    expect((await asker.shown(following(3), asked, [], 'no cursor')).ids).toEqual(all.slice(0, 3))
  })
})

describe('the address of another page', () => {
  it('keeps what the page is about, and is read back', () => {
    const id = '0190c2a4-1111-4222-8333-444455556666'
    const address = pageAddress(id, '[3,7,"a & b"]', new URLSearchParams('term=topic/soil&after.ffffffff=x'))
    expect(address.endsWith(`#heading-${id}`)).toBe(true)
    const query = new URLSearchParams(address.slice(0, address.indexOf('#')))
    expect([query.get('term'), [...pagesOf(query)]]).toEqual(['topic/soil', [['0190c2a4', '[3,7,"a & b"]']]])
    expect(pageAddress(id, null, query)).toBe(`?term=topic%2Fsoil#heading-${id}`)
  })
})
