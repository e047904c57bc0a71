import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import type { EntryInput } from '~~/core/content/entry-input'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import type { Rule } from '~~/core/rules'
import { changeInBulk, undoBulkChange } from '~~/server/content/bulk'
import { addEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { addField } from '~~/server/content/field-writing'
import { addTerm, mergeTerm, moveTerm, undoTermChange } from '~~/server/content/terms'
import { openDatabase } from '~~/server/db/client'
import type { Db } from '~~/server/db/client'
import { askingAnew, askingKept } from '~~/server/listings/ask'
import type { ListingAsker } from '~~/server/listings/ask'
import { mayChangeAt, nextChangeOf } from '~~/server/listings/next-change'
import { knownSite } from '~~/server/listings/context'
import { ChangeFeed } from '~~/server/live/change-feed'
import { DependentCache } from '~~/server/live/dependent-cache'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { idsOf } from '../support/rows'

/** A second server on the same database, which answers the live site and keeps what it answered. */
let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let other: Db
let feed: ChangeFeed
let kept: ListingAsker
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  other = openDatabase(test.url, 4)
  feed = new ChangeFeed(other, test.url, looksNever)
  await feed.start()
  await vi.waitFor(() => expect(feed.isListening()).toBe(true), soon)
  kept = askingKept(other, new DependentCache(feed))
})
afterAll(async () => {
  await feed.stop()
  await other.destroy()
  await test.drop()
})

const soon = { timeout: 30_000, interval: 5 }
/** Only notices and the clock wake the feed, or a lost notice would be made good before anybody saw. */
const looksNever = 3600_000

function listingOf(...rules: Rule[]): Listing {
  const listing = newListing('Kept', site.collectionId)
  return { ...listing, from: { ...listing.from, rules }, amount: { ...listing.amount, take: 50 } }
}

const asked = (now = Date.now()) => ({ now, page: null, visit: '' })

const keptIds = async (listing: Listing) => idsOf(await kept.shown(listing, asked(), []))
const freshIds = async (listing: Listing) => idsOf(await askingAnew(test.db).shown(listing, asked(), []))

/**
 * Does something on one server, and asks the other until it answers as a fresh question does. Gives
 * how long that took.
 */
async function lag(listing: Listing, change: () => Promise<unknown>): Promise<number> {
  const before = await keptIds(listing)
  await change()
  const done = Date.now()
  const fresh = await freshIds(listing)
  expect(fresh).not.toEqual(before)
  await vi.waitFor(async () => expect(await keptIds(listing)).toEqual(fresh), soon)
  return Date.now() - done
}

async function added(change: Partial<EntryInput>): Promise<number> {
  return (await addEntry(test.db, site.collectionId, { ...rain, ...change }, site.writer)).id
}

const entry = (slug: string, change: Partial<EntryInput> = {}): EntryInput => ({ ...rain, slug, ...change })
const soil = (): Rule => ({ rule: 'terms', facet: site.facetId, is: 'any', terms: [site.soil] })

describe('a kept answer', () => {
  it('is kept: nothing is asked again while nothing changes', async () => {
    await added({ slug: 'kept' })
    const listing = listingOf()
    const first = await kept.shown(listing, asked(), [])
    expect((await kept.shown(listing, asked(), [])).rows).toBe(first.rows)
    expect(idsOf(first)).toEqual(await freshIds(listing))
  })

  it('is dropped on the other server after every kind of change, as soon as that is told', async () => {
    const lags: Record<string, number> = {}
    lags.publish = await lag(listingOf(), () => added({ slug: 'published' }))
    const id = await added({ slug: 'edited', publishedAt: Date.UTC(2026, 0, 2) })
    lags.edit = await lag(
      { ...listingOf(), order: { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' } },
      () => saveEntry(test.db, id, 1, entry('edited', { title: 'A first title' }), site.writer),
    )
    lags.retag = await lag(listingOf(soil()), () =>
      saveEntry(test.db, id, 2, entry('edited', { termIds: [site.compost] }), site.writer),
    )
    const mulch = (
      await addTerm(test.db, site.facetId, null, {
        name: 'Mulch',
        slug: 'mulch',
        description: '',
        pictureId: null,
        icon: '',
        colour: '',
      })
    ).id
    await added({ slug: 'mulched', termIds: [mulch] })
    let merged = ''
    lags.merge = await lag(
      listingOf(soil()),
      async () => (merged = (await mergeTerm(test.db, mulch, site.soil, site.writer)).change),
    )
    lags.part = await lag(listingOf(soil()), () => undoTermChange(test.db, merged))
    lags.nest = await lag(listingOf(soil()), () => moveTerm(test.db, mulch, { parentId: site.soil, at: 0 }))
    lags.delete = await lag(listingOf(), () => setEntryDeleted(test.db, id, true))
    lags.restore = await lag(listingOf(), () => setEntryDeleted(test.db, id, false))
    let bulk = ''
    lags.bulk = await lag(
      listingOf(),
      async () =>
        (bulk = (
          await changeInBulk(
            test.db,
            site.collectionId,
            { ids: [id], action: { do: 'archive' } },
            site.writer,
          )
        ).id),
    )
    lags.undo = await lag(listingOf(), () => undoBulkChange(test.db, bulk, site.writer))
    console.log(`Until the other server answers anew, ms: ${JSON.stringify(lags)}`)
  })

  it('counts the terms of a facet anew only after a change that may count', async () => {
    const terms = [site.soil, site.compost]
    const counts = (asker: ListingAsker) => asker.counted(listingOf(), asked(), [], terms)
    const before = await counts(kept)
    expect(await counts(kept)).toBe(before)
    expect(before).toEqual(await counts(askingAnew(test.db)))
    await added({ slug: 'counted', termIds: [site.compost] })
    await vi.waitFor(
      async () => expect((await counts(kept)).get(site.compost)).toBe((before.get(site.compost) ?? 0) + 1),
      soon,
    )
    expect(await counts(kept)).toEqual(await counts(askingAnew(test.db)))
  })

  it('ends by itself when an entry appears or expires', async () => {
    const listing = listingOf()
    const at = Date.now() + 1500
    const end = at + 4000
    const id = await added({ slug: 'soon', publishedAt: at, expiresAt: end })
    await vi.waitFor(async () => expect(await keptIds(listing)).toContain(id), soon)
    expect(Date.now()).toBeGreaterThanOrEqual(at)
    await vi.waitFor(async () => expect(await keptIds(listing)).not.toContain(id), soon)
    expect(Date.now()).toBeGreaterThanOrEqual(end)
  })

  // British clocks went back on 25 October 2026: that day has 25 hours (IANA time zone database).
  it.each([
    ['2026-06-10T22:59:59.500Z', '2026-06-10T23:00:00.000Z'],
    ['2026-10-25T22:59:59.500Z', '2026-10-26T00:00:00.000Z'],
    ['2026-03-29T22:59:59.500Z', '2026-03-29T23:00:00.000Z'],
  ])('ends where the day of the site’s zone turns over: %s', async (now, turn) => {
    await sql`update site set time_zone = 'Europe/London'`.execute(test.db)
    const words = (await knownSite(test.db)).words
    const today: Rule = { rule: 'date', window: { is: 'this', unit: 'day' } }
    expect(await mayChangeAt(test.db, listingOf(today), words, Date.parse(now))).toBe(Date.parse(turn))
    expect(await mayChangeAt(test.db, listingOf(), words, Date.UTC(2030, 0, 1))).toBe(Infinity)
    await sql`update site set time_zone = 'UTC'`.execute(test.db)
  })

  it('is of no use while the server hears of no change', async () => {
    const deaf = { subscribe: () => () => true, isListening: () => false }
    const asker = askingKept(other, new DependentCache(deaf))
    const listing = listingOf()
    expect(idsOf(await asker.shown(listing, asked(), []))).toHaveLength((await freshIds(listing)).length)
    const id = await added({ slug: 'unheard' })
    expect(idsOf(await asker.shown(listing, asked(), []))).toContain(id)
  })
})

describe('what the clock changes next', () => {
  it('is the day on which an entry leaves a moving window, by name', async () => {
    const now = Date.UTC(2026, 5, 10, 12)
    await added({ slug: 'leaves', title: 'Leaves the window', publishedAt: Date.UTC(2026, 5, 8, 9) })
    const within: Rule = { rule: 'date', window: { is: 'last', count: 3, unit: 'day' } }
    const next = await nextChangeOf(test.db, await knownSite(test.db), listingOf(within), asked(now), [])
    expect(next).toEqual({
      at: Date.UTC(2026, 5, 11),
      isChange: true,
      comes: [],
      goes: ['Leaves the window'],
    })
  })

  it('is the moment at which an event is no longer yet to come', async () => {
    const field = await addField(test.db, site.collectionId, {
      key: 'starts',
      name: 'Starts',
      type: 'date-time',
      settings: {},
      required: false,
      help: '',
      fallback: null,
      filterable: true,
      sortable: true,
    })
    const starts = Date.UTC(2026, 6, 1, 18, 30)
    await added({ slug: 'event', title: 'An evening', values: { [field.id]: starts } })
    const coming: Rule = {
      rule: 'field',
      field: field.id,
      asked: { is: 'within', window: { is: 'upcoming' } },
    }
    const next = await nextChangeOf(
      test.db,
      await knownSite(test.db),
      listingOf(coming),
      asked(starts - 3_600_000),
      [],
    )
    expect(next).toMatchObject({ at: starts, comes: [], goes: ['An evening'] })
  })

  it('is found behind any number of entries that the listing does not ask for', async () => {
    const now = Date.UTC(2027, 0, 1)
    for (let at = 1; at <= 70; at += 1) await added({ slug: `other-${at}`, publishedAt: now + at * 60_000 })
    await added({ slug: 'awaited', title: 'Awaited', termIds: [site.compost], publishedAt: now + 86_400_000 })
    const soil: Rule = { rule: 'terms', facet: site.facetId, is: 'any', terms: [site.soil] }
    expect(
      await nextChangeOf(test.db, await knownSite(test.db), listingOf(soil), asked(now), []),
    ).toMatchObject({ at: now + 86_400_000, isChange: true, comes: ['Awaited'] })
  })

  it('is nothing where the clock changes nothing', async () => {
    expect(
      await nextChangeOf(test.db, await knownSite(test.db), listingOf(), asked(Date.UTC(2030, 0, 1)), []),
    ).toBeNull()
  })
})
