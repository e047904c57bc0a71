import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page } from '~~/core/pages/definition'
import { mostThings } from '~~/core/pages/parse-page'
import { placedListingsOf } from '~~/core/pages/standing'
import { everyListing } from '~~/server/pages/listing-places'
import { listingVersion, listingVersions } from '~~/server/pages/listing-versions'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { editedPage, publishedPage } from '~~/server/pages/pages'
import { putListingBack, takeListingOff } from '~~/server/pages/taken-listings'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn, pageWith, placed } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let first: number
let second: number
const [beds, plots] = [randomUUID(), randomUUID()]

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
  await hand.save(first, pageWith('First', placed(plots), placed(beds), placed(plots)), [
    { id: beds, version: 0, definition: named('Beds') },
    { id: plots, version: 0, definition: named('Plots') },
  ])
  await hand.save(second, { ...pageWith('Second', placed(beds)), shelf: [placed(plots), placed(beds)] })
})

function named(name: string) {
  return newListing(name, site.collectionId)
}

function drafts() {
  return Promise.all([first, second].map(async (id) => (await editedPage(test.db, id)).page))
}

describe('a listing that is taken off every page', () => {
  it('is on none and on no shelf, stays for visitors until a publication, and comes back to the letter', async () => {
    await hand.publish(first)
    const before = await drafts()
    await takeListingOff(test.db, beds, site.writer)
    const without = await drafts()
    expect(without.flatMap(placedListingsOf).map((one) => one.listing)).toEqual([plots, plots, plots])
    const rows = await everyListing(test.db)
    expect(rows.find((one) => one.id === beds)?.places).toMatchObject([
      { page: { id: first }, isTakenOff: true, isLive: true },
    ])
    expect((await publishedPage(test.db, '/first'))?.listings.has(beds)).toBe(true)
    await putListingBack(test.db, beds, site.writer)
    expect(await drafts()).toEqual(before)
    await expect(putListingBack(test.db, beds, site.writer)).rejects.toMatchObject({ status: 404 })
  })

  it('is refused where it stands nowhere, and keeps what an earlier time needs to be undone', async () => {
    const before = await drafts()
    await takeListingOff(test.db, beds, site.writer)
    await expect(takeListingOff(test.db, beds, site.writer)).rejects.toMatchObject({ status: 404 })
    await expect(takeListingOff(test.db, randomUUID(), site.writer)).rejects.toMatchObject({ status: 404 })
    await putListingBack(test.db, beds, site.writer)
    expect(await drafts()).toEqual(before)
  })

  it('leaves pages that are deleted and put back without it, and is told to whoever works on a page', async () => {
    const { page, version } = await editedPage(test.db, second)
    await setPageDeleted(test.db, first, true)
    await takeListingOff(test.db, beds, site.writer)
    await setPageDeleted(test.db, first, false)
    expect((await drafts()).flatMap(placedListingsOf).map((one) => one.listing)).not.toContain(beds)
    expect((await editedPage(test.db, second)).version).toBe(version + 1)
    await hand.save(second, { ...page, shelf: [] })
    await putListingBack(test.db, beds, site.writer)
    const [, after] = await drafts()
    const ids = placedListingsOf(after ?? page).map((one) => one.id)
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('comes back to a page that is all but full, and stays kept where one has no room for it any more', async () => {
    await takeListingOff(test.db, plots, site.writer)
    const full = (count: number) =>
      hand.save(second, { ...pageWith('Second'), shelf: Array.from({ length: count }, () => placed(beds)) })
    await full(mostThings)
    const before = await drafts()
    await expect(putListingBack(test.db, plots, site.writer)).rejects.toMatchObject({ status: 422 })
    expect(await drafts()).toEqual(before)
    await full(mostThings - 1)
    await putListingBack(test.db, plots, site.writer)
    const [, after] = await drafts()
    expect(after === undefined ? 0 : placedListingsOf(after).length).toBe(mostThings)
  })

  it('goes and comes whole, whoever saves a page or takes another off beside that', async () => {
    const before = await drafts()
    const refused: unknown[] = []
    await Promise.all([
      takeListingOff(test.db, beds, site.writer),
      takeListingOff(test.db, plots, site.writer),
      ...[0, 1, 2].map(() =>
        hand.save(second, before[1] ?? newPage('')).catch((error) => refused.push(error)),
      ),
    ])
    expect(refused.every((error) => (error as { status?: number }).status === 409)).toBe(true)
    await Promise.all([
      putListingBack(test.db, beds, site.writer),
      putListingBack(test.db, plots, site.writer),
    ])
    const ids = (pages: readonly Page[]) =>
      pages.map((page) =>
        placedListingsOf(page)
          .map((one) => one.id)
          .toSorted(),
      )
    expect(ids(await drafts())).toEqual(ids(before))
  })
})

describe('the history of a listing', () => {
  it('tells each publication that changed it, on whichever page, with what it was before', async () => {
    expect(await listingVersions(test.db, beds)).toEqual([])
    await hand.publish(first)
    await hand.publish(second)
    const { page } = await editedPage(test.db, second)
    await hand.save(second, page, [{ id: beds, version: 1, definition: named('Long beds') }])
    await hand.publish(second)
    await hand.publish(first)
    const versions = await listingVersions(test.db, beds)
    expect(versions).toMatchObject([
      { page: 'Second', isFirst: false, publishedBy: expect.any(String) },
      { page: 'First', isFirst: true, changes: [] },
    ])
    expect(versions[0]?.changes[0]).toMatchObject({ what: 'renamed', before: 'Beds', after: 'Long beds' })
    const [, begun] = versions
    expect(await listingVersion(test.db, beds, begun?.id ?? 0)).toEqual(named('Beds'))
    await expect(listingVersion(test.db, randomUUID(), begun?.id ?? 0)).rejects.toMatchObject({ status: 404 })
  })
})
