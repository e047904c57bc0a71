import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { pageVersion, pageVersions } from '~~/server/pages/page-versions'
import { editedPage, publishedPage } from '~~/server/pages/pages'
import { planPage, publishPlanned, unplanPage } from '~~/server/pages/publishing'
import { problemOf, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let id: number
const listing = randomUUID()
const placement = randomUUID()
const hour = 3_600_000

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  hand = handOn(test.db, site.writer)
})
afterAll(() => test.drop())
beforeEach(async () => {
  await hand.clear()
  id = await hand.add('News', '/news')
})

async function draft(title: string, take: number): Promise<void> {
  const { listings } = await editedPage(test.db, id)
  const page = withPlacementsAt(newPage(title), '1/0', [
    { kind: 'listing', id: placement, listing, heading: '' },
  ])
  const definition = newListing('Latest', site.collectionId)
  const own = {
    id: listing,
    version: listings[0]?.version ?? 0,
    definition: { ...definition, amount: { ...definition.amount, take } },
  }
  await hand.save(id, page, [own])
}

async function live() {
  const page = await publishedPage(test.db, '/news')
  return page === null ? null : [page.page.title, page.listings.get(listing)?.amount.take]
}

async function plan(at: number, now?: number) {
  return planPage(test.db, id, await hand.seen(id), { at }, site.writer, now)
}

describe('a publication that is planned', () => {
  it('comes when it is due, as the draft was when it was planned, and once over many servers', async () => {
    await draft('First', 3)
    const due = Date.now() + hour
    expect((await plan(due)).planned?.due).toBe(due)
    await draft('Second', 9)
    expect(await publishPlanned(test.db, due - 1)).toBe(0)
    expect(await live()).toBeNull()
    const counts = await Promise.all(Array.from({ length: 4 }, () => publishPlanned(test.db, due)))
    expect(counts.reduce((sum, count) => sum + count, 0)).toBe(1)
    expect(await live()).toEqual(['First', 3])
    expect(await pageVersions(test.db, id)).toHaveLength(1)
    expect(await editedPage(test.db, id)).toMatchObject({
      planned: null,
      changed: true,
      page: { title: 'Second' },
    })
  })

  it('comes late where no server ran then', async () => {
    await draft('First', 3)
    await plan(Date.now() + hour)
    expect(await publishPlanned(test.db, Date.now() + 48 * hour)).toBe(1)
    expect(await live()).toEqual(['First', 3])
  })

  it('is given up, planned anew, or overtaken by publishing now', async () => {
    const later = Date.now() + 3 * hour
    await draft('First', 3)
    await plan(Date.now() + hour)
    await unplanPage(test.db, id)
    expect(await publishPlanned(test.db, later)).toBe(0)
    await plan(Date.now() + hour)
    await draft('Second', 4)
    await plan(Date.now() + 2 * hour)
    expect(await publishPlanned(test.db, later)).toBe(1)
    expect(await live()).toEqual(['Second', 4])
    await plan(Date.now() + hour)
    await draft('Third', 5)
    await hand.publish(id)
    expect(await publishPlanned(test.db, later)).toBe(0)
    expect(await live()).toEqual(['Third', 5])
  })

  it('does not bring back what was deleted meanwhile', async () => {
    await draft('First', 3)
    await plan(Date.now() + hour)
    await setPageDeleted(test.db, id, true)
    await publishPlanned(test.db, Date.now() + 2 * hour)
    await setPageDeleted(test.db, id, false)
    expect(await live()).toBeNull()
  })

  it.each([Date.now() - 1, 0, Date.now() + 6 * 366 * 24 * hour, 1.5, '2026', null])(
    'is refused for %s',
    async (at) => {
      const problem = await problemOf(planPage(test.db, id, await hand.seen(id), { at }, site.writer))
      expect(problem.details.faults[0]?.path).toBe('at')
    },
  )

  it('is refused over a draft that is another by now', async () => {
    const before = await hand.seen(id)
    await draft('First', 3)
    const late = await problemOf(planPage(test.db, id, before, { at: Date.now() + hour }, site.writer))
    expect(late.status).toBe(409)
    expect((await editedPage(test.db, id)).planned).toBeNull()
  })
})

describe('the history of a page', () => {
  it('tells who published what, and has every page and listing as they were', async () => {
    await draft('First', 3)
    await hand.publish(id)
    await draft('Second', 9)
    await hand.publish(id)
    const [second, first] = await pageVersions(test.db, id)
    expect(first).toMatchObject({ title: 'First', publishedBy: 'Writer', isFirst: true, changes: [] })
    expect(second).toMatchObject({ title: 'Second', isFirst: false })
    expect(second?.changes).toEqual([
      { what: 'title', name: 'Second', before: 'First', after: 'Second' },
      expect.objectContaining({ what: 'listing', name: 'Latest', listing }),
    ])
    const then = await pageVersion(test.db, id, first?.id ?? 0)
    expect(then.page.title).toBe('First')
    expect(then.listings[listing]?.amount.take).toBe(3)
  })

  it('is nothing before the first time, and nothing of another page', async () => {
    expect(await pageVersions(test.db, id)).toEqual([])
    await draft('First', 3)
    await hand.publish(id)
    const [first] = await pageVersions(test.db, id)
    expect((await problemOf(pageVersion(test.db, id + 1, first?.id ?? 0))).status).toBe(404)
  })
})
