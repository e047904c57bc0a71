import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newFitting } from '~~/core/fittings'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page, Placement } from '~~/core/pages/definition'
import { withPlacementChanged, withPlacementsAt } from '~~/core/pages/moves'
import { sharedAreaAt } from '~~/core/pages/shared-address'
import { withShared, withoutShared } from '~~/core/pages/shared-areas'
import { placementsOf, shownListingsOf } from '~~/core/pages/standing'
import { findThings } from '~~/server/find/find'
import { dependenciesOf } from '~~/server/live/page-dependencies'
import { placesElsewhere } from '~~/server/pages/listing-places'
import { copyPage, setPageDeleted } from '~~/server/pages/making-pages'
import { makeFrontPage, namePage } from '~~/server/pages/page-addresses'
import { pageRows } from '~~/server/pages/page-rows'
import { navigation } from '~~/server/site/navigation'
import { editedPage, liveDocument, publishedPage } from '~~/server/pages/pages'
import { addSharedArea, sharedAreas } from '~~/server/pages/shared-areas'
import { siteMap } from '~~/server/pages/site-map'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let first: number
let second: number
const listing = randomUUID()
const side = '2/0'

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
  await hand.save(first, pageWithSide('First'), [{ id: listing, version: 0, definition: named('Beds') }])
})

function named(name: string) {
  return newListing(name, site.collectionId)
}

function pageWithSide(title: string): Page {
  const things: readonly Placement[] = [
    { kind: 'listing', id: randomUUID(), listing, heading: 'What grows' },
    { kind: 'fitting', id: randomUUID(), heading: '', fitting: newFitting('search') },
  ]
  return withPlacementsAt(newPage(title), side, things)
}

/** Makes a shared area of the first page’s side, and gives it to both pages. */
async function shared(): Promise<number> {
  const { page } = await editedPage(test.db, first)
  const input = { title: 'Side of both', area: 'side', from: first, page }
  const { id } = await addSharedArea(test.db, input, site.writer)
  await hand.save(first, withShared(page, 'side', id))
  await hand.save(second, withShared((await editedPage(test.db, second)).page, 'side', id))
  return id
}

/** What visitors read above the things in the side of a page. */
async function headingsAt(path: string): Promise<readonly string[]> {
  const found = await publishedPage(test.db, path)
  return found === null ? [] : placementsOf(found.page).map((one) => one.heading)
}

async function rename(area: number, heading: string): Promise<void> {
  const { page } = await editedPage(test.db, area)
  const [one] = placementsOf(page)
  await hand.save(
    area,
    withPlacementChanged(page, one?.id ?? '', (before) => ({ ...before, heading })),
  )
}

describe('a shared area', () => {
  it('changes on all pages that have it with its own publication, and with no page’s', async () => {
    const area = await shared()
    await hand.publish(first)
    await hand.publish(second)
    expect(await headingsAt('/first')).toEqual(['What grows', ''])
    expect(await headingsAt('/second')).toEqual(['What grows', ''])

    await rename(area, 'What is ripe')
    await hand.publish(first)
    expect(await headingsAt('/first')).toEqual(['What grows', ''])
    await hand.publish(area)
    expect(await headingsAt('/first')).toEqual(['What is ripe', ''])
    expect(await headingsAt('/second')).toEqual(['What is ripe', ''])
  })

  it('holds places of its own, so that the page can take its things back', async () => {
    const { page } = await editedPage(test.db, first)
    const area = await shared()
    const there = placementsOf((await editedPage(test.db, area)).page).map((one) => one.id)
    expect(there).toHaveLength(2)
    expect(placementsOf(page).some((one) => there.includes(one.id))).toBe(false)
    await hand.save(first, page)
    expect(placementsOf((await editedPage(test.db, first)).page)).toEqual(placementsOf(page))
  })

  it('is live from the start, but takes no unfinished listing along', async () => {
    await hand.publish(first)
    const { page, listings } = await editedPage(test.db, first)
    await hand.save(first, page, [
      { id: listing, version: listings[0]?.version ?? 0, definition: named('Unfinished') },
    ])
    const area = await shared()
    const live = await liveDocument(test.db, area)
    expect(live.listings[listing]?.name).toBe('Beds')
    expect((await publishedPage(test.db, '/first'))?.listings.get(listing)?.name).toBe('Beds')
  })

  it('counts wherever it is asked what a page shows', async () => {
    await shared()
    await hand.publish(second)
    const { listings } = await dependenciesOf(test.db, second)
    expect(listings.map((one) => one.name)).toEqual(['Beds'])
    const { last } = await test.db
      .selectFrom('changes')
      .select(({ fn }) => fn.max('id').as('last'))
      .executeTakeFirstOrThrow()
    const area = (await sharedAreas(test.db))[0]?.id ?? 0
    await rename(area, 'Other')
    await hand.publish(area)
    const told = await test.db
      .selectFrom('changes')
      .select('subject_id')
      .where('kind', '=', 'page')
      .where('id', '>', last)
      .execute()
    expect(told.map((one) => one.subject_id)).toContain(second)
    expect((await placesElsewhere(test.db, first))[listing]).toMatchObject([{ page: { id: area } }])
  })

  it('is named with its pages, and is no page itself', async () => {
    const area = await shared()
    await hand.publish(second)
    expect(await sharedAreas(test.db)).toMatchObject([
      {
        id: area,
        title: 'Side of both',
        area: 'side',
        changed: false,
        pages: [
          { id: first, title: 'First', isLive: false },
          { id: second, title: 'Second', isLive: true },
        ],
      },
    ])
    expect((await pageRows(test.db)).map((one) => one.id)).toEqual([first, second])
    expect((await navigation(test.db)).head.map((one) => one.path)).toEqual(['/second'])
    expect(await siteMap(test.db, 'https://example.org', null, Date.now())).not.toContain('areas/')
    const { path } = await editedPage(test.db, area)
    expect(await publishedPage(test.db, `/${path}`)).toBeNull()
    const found = await findThings(test.db, 'side of both')
    expect(found.filter((one) => one.to === `/bench/pages/${area}`)).toHaveLength(1)
  })

  it('stands nowhere else than it says, and can’t become a page or lose its place', async () => {
    const area = await shared()
    const { page, version } = await editedPage(test.db, area)
    const { only, ...whole } = page
    expect(only).toBe('side')
    await expect(hand.save(area, whole)).rejects.toMatchObject({ status: 422 })
    await expect(makeFrontPage(test.db, area)).rejects.toMatchObject({ status: 422 })
    const named = { title: 'Side', address: '/side', version }
    await expect(namePage(test.db, area, named, site.writer)).rejects.toMatchObject({ status: 422 })
    for (const wrong of [{ side: first }, { side: 2_000_000_000 }, { main: area }]) {
      const { page: before } = await editedPage(test.db, second)
      const asked = { ...before, areas: { main: [], side: [] }, shared: wrong }
      await expect(hand.save(second, asked), JSON.stringify(wrong)).rejects.toMatchObject({ status: 422 })
    }
    const copy = await copyPage(test.db, area, site.writer)
    expect(sharedAreaAt((await editedPage(test.db, copy.id)).path)).toBe('side')
  })

  it('can be deleted once no page has it, and what is deleted shows nothing', async () => {
    const area = await shared()
    await hand.publish(second)
    await expect(setPageDeleted(test.db, area, true)).rejects.toMatchObject({ status: 422 })
    for (const page of [first, second])
      await hand.save(page, withoutShared((await editedPage(test.db, page)).page, 'side'))
    await expect(setPageDeleted(test.db, area, true)).rejects.toMatchObject({ status: 422 })
    await hand.publish(second)
    await setPageDeleted(test.db, area, true)
    expect(await sharedAreas(test.db)).toEqual([])
    await hand.save(first, withShared((await editedPage(test.db, first)).page, 'side', area))
    await hand.publish(first)
    expect(await headingsAt('/first')).toEqual([])
    await setPageDeleted(test.db, area, false)
    expect(await headingsAt('/first')).toEqual(['What grows', ''])
  })

  it('is made of an area that the page has of its own, with a name', async () => {
    const { page } = await editedPage(test.db, first)
    const asked = { title: 'Side', area: 'side', from: first, page }
    const wrong = [
      { ...asked, title: '  ' },
      { ...asked, area: 'top' },
      { ...asked, area: 'cellar' },
      { ...asked, page: { ...page, frame: 'spiral' } },
      { ...asked, page: withShared(page, 'side', 1) },
      { ...asked, page: strange(page) },
    ]
    for (const input of wrong)
      await expect(addSharedArea(test.db, input, site.writer)).rejects.toMatchObject({ status: 422 })
    expect(await sharedAreas(test.db)).toEqual([])
  })
})

function strange(page: Page): Page {
  const [one] = shownListingsOf(page)
  return withPlacementChanged(page, one?.id ?? '', (before) =>
    before.kind === 'listing' ? { ...before, listing: randomUUID() } : before,
  )
}
