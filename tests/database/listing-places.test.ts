import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { everyListing, placesElsewhere } from '~~/server/pages/listing-places'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { editedPage, publishedPage } from '~~/server/pages/pages'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn, pageWith, placed } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let first: number
let second: number
const listing = randomUUID()

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
  await hand.save(first, pageWith('First', placed(listing)), [
    { id: listing, version: 0, definition: named('Beds') },
  ])
})

function named(name: string) {
  return newListing(name, site.collectionId)
}

describe('a listing that stands on several pages', () => {
  it('is told once, with every page, who changed it last, and whether visitors have that', async () => {
    await hand.save(second, { ...pageWith('Second'), shelf: [placed(listing)] })
    const [row, ...others] = await everyListing(test.db)
    expect(others).toEqual([])
    expect(row).toMatchObject({ id: listing, version: 1, changed: true })
    expect(row?.changedAt).toBeGreaterThan(Date.now() - 60_000)
    expect(row?.changedBy).toEqual(expect.any(String))
    expect(row?.places).toMatchObject([
      { page: { id: first, title: 'First' }, isShelved: false, isLive: false },
      { page: { id: second, title: 'Second' }, isShelved: true, isLive: false },
    ])
    await hand.publish(first)
    const [live] = await everyListing(test.db)
    expect(live?.changed).toBe(false)
    expect(live?.places.map((one) => one.isLive)).toEqual([true, false])
  })

  it('says on each page where else it stands, also where only visitors still have it there', async () => {
    expect(await placesElsewhere(test.db, first)).toEqual({})
    await hand.save(second, pageWith('Second', placed(listing)))
    await hand.publish(second)
    await hand.save(second, pageWith('Second'))
    const elsewhere = await placesElsewhere(test.db, first)
    expect(elsewhere[listing]).toMatchObject([{ page: { id: second }, isLive: true }])
    expect((await placesElsewhere(test.db, second))[listing]).toMatchObject([{ page: { id: first } }])
  })

  it('changes for visitors of every page with the publication of one', async () => {
    await hand.save(second, pageWith('Second', placed(listing)))
    await hand.publish(first)
    await hand.publish(second)
    const { page } = await editedPage(test.db, first)
    await hand.save(first, page, [{ id: listing, version: 1, definition: named('Plots') }])
    await hand.publish(first)
    const other = await publishedPage(test.db, '/second')
    expect(other?.listings.get(listing)?.name).toBe('Plots')
  })

  it('stands no more on pages that were deleted, and is told no more once it stands nowhere', async () => {
    await hand.save(second, pageWith('Second', placed(listing)))
    await setPageDeleted(test.db, first, true)
    const [row] = await everyListing(test.db)
    expect(row?.places.map((one) => one.page.id)).toEqual([second])
    await hand.save(second, pageWith('Second'))
    expect(await everyListing(test.db)).toEqual([])
  })
})
