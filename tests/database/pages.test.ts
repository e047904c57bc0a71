import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { Problem } from '~~/server/http/problem'
import { addEntry } from '~~/server/content/entries'
import { collectionUses } from '~~/server/content/collection-uses'
import { saveCollection } from '~~/server/content/collections'
import { askedForPage } from '~~/server/pages/asked-draft'
import { setUpUsualPage } from '~~/server/pages/usual-pages'
import { pageRows } from '~~/server/pages/page-rows'
import { navigation } from '~~/server/site/navigation'
import { editedPage, parseDraft, publishedPage, saveDraft } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let pageId: number
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())
beforeEach(async () => {
  await test.db.deleteFrom('pages').execute()
  const row = await test.db
    .insertInto('pages')
    .values({
      path: '/',
      position: 0,
      draft: JSON.stringify(newPage('Home')),
      draft_by: null,
      published: null,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  pageId = row.id
})

/** A page with one listing in Main, as the bench sends it. */
function draft(version: number, listingVersion = 0, listing: string = randomUUID(), name = 'Latest') {
  const placed: Page = withPlacementsAt(newPage('Home'), '1/0', [
    { kind: 'listing', id: randomUUID(), listing, heading: '' },
  ])
  return {
    version,
    page: placed,
    listings: [{ id: listing, version: listingVersion, definition: newListing(name, site.collectionId) }],
  }
}

describe('a collection', () => {
  it('is asked by the listings of pages, as they are live or as they are worked on', async () => {
    const uses = () => collectionUses(test.db, site.collectionId)
    expect(await uses()).toEqual([])
    const placed = draft(1)
    await saveDraft(test.db, pageId, placed, site.writer)
    const use = { listing: 'Latest', page: 'Home', pageId }
    expect(await uses()).toEqual([use])
    await publishPage(test.db, pageId, await seenNow(pageId), site.writer)
    await saveDraft(test.db, pageId, { ...draft(2), listings: [], page: newPage('Home') }, site.writer)
    expect(await uses()).toEqual([use])
    expect(await collectionUses(test.db, 999_999)).toEqual([])
  })
})

describe('the draft of a page', () => {
  it('is saved with its listings and counts its versions', async () => {
    const input = draft(1)
    const saved = await saveDraft(test.db, pageId, input, site.writer)
    expect(saved).toMatchObject({ version: 2, page: input.page, changed: true, savedBy: 'Writer' })
    expect(saved.listings).toEqual([
      { id: input.listings[0]?.id, version: 1, definition: input.listings[0]?.definition },
    ])
  })

  it('is refused over a newer one, with what stands there, and nothing of it is kept', async () => {
    await saveDraft(test.db, pageId, draft(1), site.writer)
    const late = draft(1)
    const refused = await saveDraft(test.db, pageId, late, site.writer).catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(Problem)
    expect((refused as Problem).status).toBe(409)
    expect((refused as Problem).details.current).toMatchObject({ version: 2 })
    const rows = await test.db
      .selectFrom('listings')
      .select('id')
      .where('id', '=', late.listings[0]?.id ?? '')
      .execute()
    expect(rows).toEqual([])
  })

  it('is refused when a listing was changed from another page', async () => {
    const first = draft(1)
    await saveDraft(test.db, pageId, first, site.writer)
    const id = first.listings[0]?.id ?? ''
    await test.db.updateTable('listings').set({ draft_version: 5 }).where('id', '=', id).execute()
    const refused = await saveDraft(test.db, pageId, draft(2, 1, id), site.writer).catch(
      (error: unknown) => error,
    )
    expect((refused as Problem).status).toBe(409)
    expect((await editedPage(test.db, pageId)).version).toBe(2)
  })

  it('tells of a listing that was sent by its version, also where it is on no page any more', async () => {
    const placed = draft(1)
    await saveDraft(test.db, pageId, placed, site.writer)
    const id = placed.listings[0]?.id ?? ''
    const { page } = draft(2)
    await saveDraft(
      test.db,
      pageId,
      { ...placed, version: 2, page: { ...page, areas: {} }, listings: [] },
      site.writer,
    )
    const refused: unknown = await saveDraft(test.db, pageId, draft(3, 0, id), site.writer).catch(
      (error: unknown) => error,
    )
    expect(refused).toMatchObject({
      status: 409,
      details: { current: { version: 3, listings: [{ id, version: 1 }] } },
    })
    const again = await saveDraft(test.db, pageId, draft(3, 1, id), site.writer)
    expect(again.listings).toMatchObject([{ id, version: 2 }])
  })

  it('must name listings that are there, and valid definitions', async () => {
    const stray = await saveDraft(test.db, pageId, { ...draft(1), listings: [] }, site.writer).catch(
      (error: unknown) => error,
    )
    expect((stray as Problem).status).toBe(422)
    const bad = {
      ...draft(1),
      listings: [{ id: randomUUID(), version: 0, definition: { version: 1, name: '' } }],
    }
    const parse = () => parseDraft(bad)
    expect(parse).toThrow(Problem)
    try {
      parse()
    } catch (error) {
      expect((error as Problem).details.faults.map((fault) => fault.path)).toContain(
        'listings[0].definition.name',
      )
    }
  })
})

/** The versions that somebody sees who opens a page now. */
async function seenNow(id: number) {
  const { version, listings } = await editedPage(test.db, id)
  return { version, listings: Object.fromEntries(listings.map((one) => [one.id, one.version])) }
}

describe('publishing', () => {
  it('does not send live what somebody else does to a shared listing on another page', async () => {
    const first = draft(1)
    const listing = first.listings[0]?.id ?? ''
    await saveDraft(test.db, pageId, first, site.writer)
    const seen = await seenNow(pageId)
    await test.db
      .updateTable('listings')
      .set({
        draft: JSON.stringify({ version: 3, name: 'Half done', from: { collections: [site.collectionId] } }),
        draft_version: 2,
      })
      .where('id', '=', listing)
      .execute()
    await expect(publishPage(test.db, pageId, seen, site.writer)).rejects.toMatchObject({ status: 409 })
    expect(await publishedPage(test.db, '/')).toBeNull()
    // Whoever opens the page again sees it, and may publish it.
    await publishPage(test.db, pageId, await seenNow(pageId), site.writer)
    expect((await publishedPage(test.db, '/'))?.listings.get(listing)?.name).toBe('Half done')
  })

  it('shows visitors the draft as it was, and not what is changed after', async () => {
    expect(await publishedPage(test.db, '/')).toBeNull()
    const first = draft(1)
    const listing = first.listings[0]?.id ?? ''
    await saveDraft(test.db, pageId, first, site.writer)
    expect((await publishPage(test.db, pageId, await seenNow(pageId), site.writer)).changed).toBe(false)
    const later = { ...draft(2, 1, listing, 'Renamed'), page: first.page }
    expect((await saveDraft(test.db, pageId, later, site.writer)).changed).toBe(true)
    const live = await publishedPage(test.db, '/')
    expect(live?.listings.get(listing)?.name).toBe('Latest')
  })

  it('keeps every published version, and needs the newest draft', async () => {
    await saveDraft(test.db, pageId, draft(1), site.writer)
    await publishPage(test.db, pageId, await seenNow(pageId), site.writer)
    const versions = await test.db
      .selectFrom('page_versions')
      .select('page')
      .where('page_id', '=', pageId)
      .execute()
    expect(versions).toHaveLength(1)
    await expect(
      publishPage(test.db, pageId, { ...(await seenNow(pageId)), version: 1 }, site.writer),
    ).rejects.toMatchObject({ status: 409 })
  })
})

function setUpEntryPage(): Promise<{ readonly id: number }> {
  return setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)
}

describe('the page of each entry of a collection', () => {
  it('is made once, is shown with the newest entry, and is no page of the navigation', async () => {
    const { id } = await setUpEntryPage()
    expect(await setUpEntryPage()).toEqual({ id })
    const nobody = { kind: 'entry', of: site.collectionId, sample: null }
    expect((await editedPage(test.db, id)).subject).toEqual(nobody)
    const entry = await addEntry(test.db, site.collectionId, rain, site.writer)
    const { subject } = await editedPage(test.db, id)
    expect(askedForPage({ now: 0, page: null, visit: '' }, subject).page).toEqual({
      kind: 'entry',
      id: entry.id,
    })
    await publishPage(test.db, id, await seenNow(id), site.writer)
    expect((await navigation(test.db)).head).toEqual([])
    expect((await pageRows(test.db)).map((row) => row.address)).toContain(subject?.sample?.address)
  })

  it('moves with the address of the collection, as the page of each month does', async () => {
    const months = await setUpUsualPage(test.db, { kind: 'month', of: site.collectionId }, site.writer)
    const { id } = await setUpEntryPage()
    const { name, singular, plural, icon, kind } = await test.db
      .selectFrom('collections')
      .selectAll()
      .where('id', '=', site.collectionId)
      .executeTakeFirstOrThrow()
    await saveCollection(test.db, site.collectionId, {
      name,
      singular,
      plural,
      icon,
      kind,
      address: '/written/{year}/{slug}',
      facets: [],
    })
    expect(await editedPage(test.db, id)).toMatchObject({
      path: '/written/{year}/{slug}',
      subject: { kind: 'entry', of: site.collectionId },
    })
    expect(await editedPage(test.db, months.id)).toMatchObject({
      path: '/written/{year}/{month}',
      subject: { kind: 'month', of: site.collectionId },
    })
  })

  it('is not made for a collection that is not there', async () => {
    const gone = { kind: 'entry', of: 999_999 }
    await expect(setUpUsualPage(test.db, gone, site.writer)).rejects.toMatchObject({ status: 404 })
  })
})
