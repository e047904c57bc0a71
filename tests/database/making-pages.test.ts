import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { readyMadePages } from '~~/core/pages/ready-made'
import { placedListingsOf } from '~~/core/pages/standing'
import { addEntry } from '~~/server/content/entries'
import {
  addPage,
  copyPage,
  orderPages,
  readyMadeDocument,
  setPageDeleted,
} from '~~/server/pages/making-pages'
import { makeFrontPage, namePage } from '~~/server/pages/page-addresses'
import { deletedPages, pageRows } from '~~/server/pages/page-rows'
import { navigation } from '~~/server/site/navigation'
import { editedPage, publishedPage, saveDraft } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import { publicDocument } from '~~/server/pages/public-document'
import { setUpUsualPage } from '~~/server/pages/usual-pages'
import { tidyLogs } from '~~/server/content/tidy-logs'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  await addEntry(
    test.db,
    site.collectionId,
    { ...rain, slug: 'rain', status: 'published', publishedAt: 1 },
    site.writer,
  )
})
afterAll(() => test.drop())
beforeEach(async () => {
  await test.db.deleteFrom('pages').execute()
  await test.db.deleteFrom('listings').execute()
})

const nothing = { with: 'frame', frame: 'one-column' } as const

async function made(title: string, address: string, beginning: object = nothing): Promise<number> {
  return (await addPage(test.db, { title, address, beginning }, site.writer)).id
}

async function published(title: string, address: string): Promise<number> {
  const id = await made(title, address)
  await publish(id)
  return id
}

async function publish(id: number): Promise<void> {
  const { version, listings } = await editedPage(test.db, id)
  const seen = { version, listings: Object.fromEntries(listings.map((one) => [one.id, one.version])) }
  await publishPage(test.db, id, seen, site.writer)
}

async function visit(path: string) {
  const answer = await publicDocument(test.db, path, { now: Date.now(), page: null, visit: '' })
  return answer.status === 301 ? `301 ${answer.address}` : answer.status
}

async function named(id: number, title: string, address: string) {
  const { version } = await editedPage(test.db, id)
  return namePage(test.db, id, { title, address, version }, site.writer)
}

describe('a new page', () => {
  it('is empty in its frame, last in the order, and not live yet', async () => {
    await made('Home', '/')
    const id = await made('About us', '/about')
    expect(await editedPage(test.db, id)).toMatchObject({
      path: '/about',
      page: newPage('About us', '', 'one-column'),
      publishedAt: null,
      savedBy: 'Writer',
    })
    expect((await pageRows(test.db)).map((row) => row.title)).toEqual(['Home', 'About us'])
    expect(await visit('/about')).toBe(404)
  })

  it.each(readyMadePages.all)(
    '“$title” begins with listings of the site’s own, and can be published',
    async (ready) => {
      const beginning = { with: 'ready-made', name: ready.name, collection: null }
      const id = await made('Made', '/made', beginning)
      const edited = await editedPage(test.db, id)
      expect(edited.listings.length).toBeGreaterThan(0)
      expect(edited.listings.flatMap((one) => one.definition.from.collections)).toContain(site.collectionId)
      expect(await readyMadeDocument(test.db, ready.name, null, Date.now())).toContain('Rain')
      await publish(id)
      expect(await visit('/made')).toBe(200)
    },
  )

  it.each([
    [{ title: ' ', address: '/a', beginning: nothing }, 'title'],
    [{ title: 'A', address: 'a', beginning: nothing }, 'address'],
    [{ title: 'A', address: '/bench', beginning: nothing }, 'address'],
    [{ title: 'A', address: '/a', beginning: { with: 'frame', frame: 'spiral' } }, 'beginning.frame'],
    [
      { title: 'A', address: '/a', beginning: { with: 'ready-made', name: 'none', collection: null } },
      'beginning.name',
    ],
    [
      { title: 'A', address: '/a', beginning: { with: 'ready-made', name: 'front', collection: 9e6 } },
      'beginning.collection',
    ],
    [{ title: 'A', address: '/a' }, 'beginning'],
    [null, ''],
  ])('is refused for what is wrong in %j', async (input, path) => {
    const problem = await problemOf(addPage(test.db, input, site.writer))
    expect(problem.status).toBe(422)
    expect(problem.details.faults.map((fault) => fault.path)).toContain(path)
  })

  it('is refused where a page or an entry stands already, and takes the place of what no hand made', async () => {
    await made('Home', '/')
    for (const address of ['/', '/notes/rain']) {
      const problem = await problemOf(made('Another', address))
      expect(problem.status).toBe(422)
      expect(problem.message).toMatch(/has this address\. Choose another\.$/)
    }
    await published('Our own notes', '/notes')
    expect((await publishedPage(test.db, '/notes'))?.page.title).toBe('Our own notes')
  })

  it('is made once where two make it at the same moment', async () => {
    const both = await Promise.allSettled([made('One', '/same'), made('Two', '/same')])
    expect(both.map((one) => one.status).sort()).toEqual(['fulfilled', 'rejected'])
    expect(await pageRows(test.db)).toHaveLength(1)
  })
})

describe('a page’s address', () => {
  it('changes at once, and every one it had leads straight to where it is', async () => {
    const id = await published('About', '/about')
    await named(id, 'About', '/who-we-are')
    await named(id, 'About', '/us')
    for (const old of ['/about', '/who-we-are']) expect(await visit(old)).toBe('301 /us')
    expect(await visit('/us')).toBe(200)
  })

  it('goes back to what it was without a circle', async () => {
    const id = await published('About', '/about')
    await named(id, 'About', '/us')
    await named(id, 'About', '/about')
    expect(await visit('/about')).toBe(200)
    expect(await visit('/us')).toBe('301 /about')
  })

  it('that one page left is another’s from then on', async () => {
    const first = await published('About', '/about')
    await named(first, 'About', '/us')
    await published('About something else', '/about')
    expect(await visit('/about')).toBe(200)
    await named(first, 'About', '/them')
    expect(await visit('/us')).toBe('301 /them')
  })

  it('is refused where something stands, for the front page, and for pages of entries', async () => {
    const front = await published('Home', '/')
    const id = await published('About', '/about')
    const around = (await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)).id
    for (const [page, address] of [
      [id, '/'],
      [id, '/notes/rain'],
      [front, '/home'],
      [around, '/elsewhere'],
    ] as const) {
      const problem = await problemOf(named(page, 'T', address))
      expect(problem.details.faults[0]?.path).toBe('address')
    }
  })

  it('stays where it is a pattern, or “/”, while the title is another', async () => {
    const front = await published('Home', '/')
    const around = (await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)).id
    for (const id of [front, around]) {
      const { path, version } = await editedPage(test.db, id)
      const saved = await namePage(test.db, id, { title: 'Another', address: null, version }, site.writer)
      expect([saved.path, saved.page.title]).toEqual([path, 'Another'])
    }
  })

  it('and its title are refused over a newer draft', async () => {
    const id = await made('About', '/about')
    await named(id, 'About us', '/about')
    const late = await problemOf(
      namePage(test.db, id, { title: 'Late', address: '/late', version: 1 }, site.writer),
    )
    expect(late.status).toBe(409)
    expect(await editedPage(test.db, id)).toMatchObject({
      path: '/about',
      version: 2,
      page: { title: 'About us' },
    })
  })

  it('may become “/”; the front page before it gets one of its own', async () => {
    const before = await published('Home', '/')
    const next = await published('New home', '/new')
    await makeFrontPage(test.db, next)
    expect((await publishedPage(test.db, '/'))?.id).toBe(next)
    expect((await publishedPage(test.db, '/home'))?.id).toBe(before)
    expect(await visit('/new')).toBe('301 /')
    await makeFrontPage(test.db, next)
    const draft = await made('Draft', '/draft')
    expect((await problemOf(makeFrontPage(test.db, draft))).status).toBe(422)
  })

  it('may become “/” for two at once, and one of them has it', async () => {
    await published('Home', '/')
    const ids = [await published('One', '/one'), await published('Two', '/two')]
    await Promise.all(ids.map((id) => makeFrontPage(test.db, id)))
    const rows = await pageRows(test.db)
    expect(rows.filter((row) => row.path === '/')).toHaveLength(1)
    expect(new Set(rows.map((row) => row.path)).size).toBe(3)
  })
})

describe('a duplicated page', () => {
  it('has listings of its own, so that neither changes the other', async () => {
    const listing = randomUUID()
    const id = await made('About', '/about')
    const placed = withPlacementsAt(newPage('About'), '1/0', [
      { kind: 'listing', id: randomUUID(), listing, heading: 'News' },
    ])
    const definition = newListing('Latest', site.collectionId)
    await saveDraft(
      test.db,
      id,
      { version: 1, page: placed, listings: [{ id: listing, version: 0, definition }] },
      site.writer,
    )
    const copy = await editedPage(test.db, (await copyPage(test.db, id, site.writer)).id)
    expect(copy).toMatchObject({ path: '/about-2', page: { title: 'About (copy)' }, publishedAt: null })
    expect(copy.listings.map((one) => one.definition)).toEqual([definition])
    expect(placedListingsOf(copy.page)[0]?.listing).not.toBe(listing)
    const around = await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)
    expect((await problemOf(copyPage(test.db, around.id, site.writer))).status).toBe(422)
    expect((await problemOf(copyPage(test.db, 9_999_999, site.writer))).status).toBe(404)
  })
})

describe('the longest of titles', () => {
  it.each(['x', '🌱', '種', 'é', 'e\u0301'])('of “%s” alone is made, duplicated and named', async (sign) => {
    const title = sign.repeat(Math.floor(160 / sign.length))
    const id = await made(title, `/long`)
    const copy = await editedPage(test.db, (await copyPage(test.db, id, site.writer)).id)
    expect(copy.page.title.length).toBeLessThanOrEqual(160)
    expect(copy.page.title).not.toMatch(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])/)
    // Begins between two letters, so that a cut by length may fall within one.
    await named(id, `a${sign.repeat(Math.floor(159 / sign.length))}`, '/long')
    const again = await copyPage(test.db, id, site.writer)
    expect((await editedPage(test.db, again.id)).page.title).toMatch(/ \(copy\)$/)
  })
})

describe('a deleted page', () => {
  it('is off the site and its list, and comes back with all it had', async () => {
    const id = await published('About', '/about')
    const before = await editedPage(test.db, id)
    await setPageDeleted(test.db, id, true)
    await setPageDeleted(test.db, id, true)
    expect(await visit('/about')).toBe(404)
    expect((await navigation(test.db)).head).toEqual([])
    expect(await pageRows(test.db)).toEqual([])
    expect((await problemOf(editedPage(test.db, id))).status).toBe(404)
    expect(await deletedPages(test.db)).toMatchObject([{ id, title: 'About', path: '/about' }])
    await setPageDeleted(test.db, id, false)
    expect(await editedPage(test.db, id)).toEqual(before)
    expect(await visit('/about')).toBe(200)
    expect(await deletedPages(test.db)).toEqual([])
  })

  it('leaves its address to others, and comes back beside them', async () => {
    const id = await published('About', '/about')
    await setPageDeleted(test.db, id, true)
    await published('Another', '/about')
    await setPageDeleted(test.db, id, false)
    expect((await editedPage(test.db, id)).path).toBe('/about-2')
    expect((await publishedPage(test.db, '/about'))?.page.title).toBe('Another')
  })

  it('is not the front page, which a site always has', async () => {
    const id = await published('Home', '/')
    expect((await problemOf(setPageDeleted(test.db, id, true))).status).toBe(422)
    expect((await problemOf(setPageDeleted(test.db, 9_999_999, true))).status).toBe(404)
  })

  it('is forgotten after its days, and not before', async () => {
    const [old, young] = [await published('Old', '/old'), await published('Young', '/young')]
    const day = 86_400_000
    for (const [id, days] of [
      [old, 31],
      [young, 29],
    ] as const)
      await test.db
        .updateTable('pages')
        .set({ deleted_at: new Date(Date.now() - days * day) })
        .where('id', '=', id)
        .execute()
    await tidyLogs(test.db)
    expect((await deletedPages(test.db)).map((one) => one.id)).toEqual([young])
  })
})

describe('the order of pages', () => {
  it('is what the list and the navigation have; what is not named comes after', async () => {
    const ids = [await published('A', '/a'), await published('B', '/b'), await published('C', '/c')]
    await orderPages(test.db, [ids[2] ?? 0, 9_999_999, ids[0] ?? 0, ids[2] ?? 0])
    expect((await pageRows(test.db)).map((row) => row.title)).toEqual(['C', 'A', 'B'])
    expect((await navigation(test.db)).head.map((link) => link.title)).toEqual(['C', 'A', 'B'])
  })
})
