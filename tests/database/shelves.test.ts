import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page, PlacedListing } from '~~/core/pages/definition'
import { withPlacementMoved, withPlacementsAt } from '~~/core/pages/moves'
import { withParkedUntil } from '~~/core/pages/parking'
import { placementsOf, spotOf } from '~~/core/pages/standing'
import { editedPage, publishedPage, saveDraft } from '~~/server/pages/pages'
import { returnParked, shelvedElsewhere } from '~~/server/pages/shelves'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let first: number
let second: number
const notice: PlacedListing = {
  kind: 'listing',
  id: randomUUID(),
  listing: randomUUID(),
  heading: 'Frost',
  headingLevel: 3,
}
const shelved: Page = { ...newPage('First'), shelf: [notice] }

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  hand = handOn(test.db, site.writer)
})
afterAll(() => test.drop())
beforeEach(async () => {
  await hand.clear()
  first = await hand.add('First', '/first')
  second = await hand.add('Second', '/second')
  const definition = newListing('Frost notice', site.collectionId)
  await hand.save(first, shelved, [{ id: notice.listing, version: 0, definition }])
})

async function shelfOf(id: number): Promise<readonly string[]> {
  return (await editedPage(test.db, id)).page.shelf.map((one) => one.id)
}

describe('the shelves of all pages', () => {
  it('are told to every other page, with what a listing on them shows', async () => {
    expect(await shelvedElsewhere(test.db, first)).toEqual([])
    expect(await shelvedElsewhere(test.db, second)).toMatchObject([
      {
        page: { id: first, title: 'First' },
        placement: notice,
        listing: { id: notice.listing, version: 1, definition: { name: 'Frost notice' } },
      },
    ])
  })

  it('give a thing to another page with everything set for it, and have it no more', async () => {
    const taken = withPlacementsAt(newPage('Second'), '1/0', [notice])
    await hand.save(second, taken)
    expect(await shelfOf(first)).toEqual([])
    const { page, listings } = await editedPage(test.db, second)
    expect(placementsOf(page)).toEqual([notice])
    expect(listings.map((one) => one.definition.name)).toEqual(['Frost notice'])
  })

  it('have it back where the other page undoes that, and give it again where it is done again', async () => {
    const taken = withPlacementsAt(newPage('Second'), '1/0', [notice])
    for (let turn = 0; turn < 2; turn += 1) {
      await hand.save(second, taken)
      expect(await shelfOf(first)).toEqual([])
      await hand.save(second, newPage('Second'))
      expect(await shelfOf(first)).toEqual([notice.id])
    }
  })

  it('keep it once where two pages take it at the same moment', async () => {
    const third = await hand.add('Third', '/third')
    await Promise.allSettled(
      [second, third].map((id) => hand.save(id, withPlacementsAt(newPage('Taker'), '1/0', [notice]))),
    )
    const all = await Promise.all([first, second, third].map((id) => editedPage(test.db, id)))
    expect(all.filter(({ page }) => page.shelf.length > 0)).toHaveLength(0)
    expect(all.some(({ page }) => spotOf(page, notice.id) === '1/0')).toBe(true)
  })

  it('tell the page they lie on by its version, so that nobody works on with what is gone', async () => {
    const before = (await editedPage(test.db, first)).version
    await hand.save(second, withPlacementsAt(newPage('Second'), '1/0', [notice]))
    const late = saveDraft(test.db, first, { version: before, page: shelved, listings: [] }, site.writer)
    await expect(late).rejects.toMatchObject({ status: 409 })
  })
})

describe('what is parked until a day', () => {
  it('comes back on that day of the site’s zone, for visitors and in the draft, where it stood', async () => {
    await test.db.updateTable('site').set({ time_zone: 'Pacific/Auckland' }).execute()
    const standing = withPlacementsAt(newPage('First'), '2/0', [notice])
    const parked = withParkedUntil(
      withPlacementMoved(standing, notice.id, 'shelf', 0),
      notice.id,
      '2026-12-01',
    )
    await hand.save(first, parked)
    await hand.publish(first)
    // The day begins at 11:00 of the day before in UTC there.
    expect(await returnParked(test.db, Date.UTC(2026, 10, 30, 10, 59))).toBe(0)
    expect(await returnParked(test.db, Date.UTC(2026, 10, 30, 11, 0))).toBe(1)
    expect((await publishedPage(test.db, '/first'))?.page).toEqual(standing)
    expect((await editedPage(test.db, first)).page).toEqual(standing)
    expect(await returnParked(test.db, Date.UTC(2026, 11, 2))).toBe(0)
    await test.db.updateTable('site').set({ time_zone: 'UTC' }).execute()
  })

  it('comes back in the draft alone where visitors never had it', async () => {
    await hand.save(first, withParkedUntil(shelved, notice.id, '2026-12-01'))
    expect(await returnParked(test.db, Date.UTC(2026, 11, 1))).toBe(1)
    expect(await publishedPage(test.db, '/first')).toBeNull()
    expect(spotOf((await editedPage(test.db, first)).page, notice.id)).toBe('1/0')
  })
})
