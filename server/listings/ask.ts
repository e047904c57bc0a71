import { opensOf } from '../../core/cards/card'
import { shapeOf } from '../../core/shapes'
import { goesByVisitorsClock } from '../../core/shapes/time-axis'
import { storedListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import { firstPage } from '../../core/query/page-asked'
import type { PageAsked } from '../../core/query/page-asked'
import type { VisitorAsk } from '../../core/rules/context'
import { nextMidnight } from '../../core/time/windows'
import type { Db } from '../db/client'
import type { DependentCache } from '../live/dependent-cache'
import { knownSite } from './context'
import type { Asked, KnownSite } from './context'
import { facetCounts } from './facet-counts'
import { foundNow, foundWithin, monthsThere } from './found'
import { spreadOf } from './found-within'
import type { DatesAsked, NumbersAsked, Spread } from './found-within'
import type { CountedIn, HeldEntries } from './held-entries'
import { mayChangeAt } from './next-change'
import { listingPlan } from './plan'
import { marksOf, pageShown } from './shown-page'
import type { Marks, ShownPage } from './shown-page'
import { shownInStretch } from './stretches'

/**
 * Asks listings for pages: each with what it knows of the site, and with answers kept where that is
 * wanted.
 */
export interface ListingAsker {
  /** What was seen of the site's changes by now: answers are no older. Null where that is not known. */
  readonly seen: () => string | null
  /**
   * Answers of the same site that are not kept: for what visitors chose, to which there is no end. Pages keep
   * what came of it, in a store of their own.
   */
  readonly unkept: () => ListingAsker
  readonly known: () => Promise<KnownSite>
  /**
   * The first instant after `now` (epoch milliseconds) at which the clock alone may change a
   * listing's answer; Infinity for never.
   */
  readonly turnsAt: (listing: Listing, now: number) => Promise<number>
  /** A page of a listing, under what a visitor chose. */
  readonly shown: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    page?: PageAsked,
    choices?: readonly VisitorAsk[],
  ) => Promise<ShownPage>
  /** How many of its entries, or dates of them, a listing would show in all under what a visitor chose. */
  readonly found: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    choices: readonly VisitorAsk[],
  ) => Promise<number>
  /**
   * How many of the entries that pass have each of the keys, as the terms of a facet, under what a visitor
   * chose; keys that none has are left out.
   */
  readonly counted: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    keys: readonly number[],
    choices?: readonly VisitorAsk[],
  ) => Promise<ReadonlyMap<number, number>>
  /** How many would be found under what a visitor chose by other controls together with each of these. */
  readonly foundWithin: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    choices: readonly VisitorAsk[],
    each: readonly VisitorAsk[],
  ) => Promise<readonly number[]>
  /** The months in which a date of what the listing has lies, whatever a visitor chose, rising: “2026-03”. */
  readonly months: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    dates: DatesAsked,
  ) => Promise<readonly string[]>
  /** A scale of the numbers of what the listing has, whatever a visitor chose; null where they are all one. */
  readonly spread: (
    listing: Listing,
    asked: Asked,
    above: readonly number[],
    numbers: NumbersAsked,
  ) => Promise<Spread | null>
}

/** Asks the database each time, as the bench does. */
export function askingAnew(
  db: Db,
  site?: () => Promise<KnownSite>,
  held: HeldEntries | null = null,
): ListingAsker {
  const source: CountedIn = { db, held }
  let known: Promise<KnownSite> | undefined
  const knownOnce = site ?? (() => (known ??= knownSite(db)))
  const asker: ListingAsker = {
    seen: () => null,
    unkept: () => asker,
    known: knownOnce,
    turnsAt: async (listing, now) => mayChangeAt(db, listing, (await knownOnce()).words, now),
    counted: async (listing, asked, above, keys, choices = []) =>
      facetCounts(db, await listingPlan(db, await knownOnce(), listing, asked, above, choices), keys, held),
    found: async (listing, asked, above, choices) =>
      foundNow(source, await knownOnce(), listing, asked, above, choices),
    shown: async (listing, asked, above, page = firstPage, choices = []) =>
      shownNow(source, await knownOnce(), listing, asked, above, page, choices),
    foundWithin: async (listing, asked, above, choices, each) =>
      foundWithin(source, await knownOnce(), listing, asked, above, choices, each),
    months: async (listing, asked, above, dates) =>
      monthsThere(db, await knownOnce(), listing, asked, above, dates),
    spread: async (listing, asked, above, numbers) =>
      spreadOf(db, await listingPlan(db, await knownOnce(), listing, asked, above), numbers, held),
  }
  return asker
}

/**
 * Keeps answers until they may be others, as the live site does. What visitors chose is asked anew: there is
 * no end to it, and pages keep what came of it, in a store of their own.
 */
export function askingKept(
  db: Db,
  cache: DependentCache,
  seen: () => string | null = () => null,
  held: HeldEntries | null = null,
): ListingAsker {
  const source: CountedIn = { db, held }
  const known = () =>
    cache.get('site', Date.now(), async () => ({
      value: await knownSite(db),
      collections: [],
      until: Infinity,
    }))
  const turnsAt = (listing: Listing, now: number) =>
    cache.get(
      JSON.stringify(['turns', listing.from, listing.order.keys, listing.shape.name, opensOf(listing.card)]),
      now,
      async () => {
        const until = await mayChangeAt(db, listing, (await known()).words, now)
        return { value: until, until, collections: listing.from.collections }
      },
    )
  const kept = <T>(name: string, listing: Listing, asked: Asked, compute: (site: KnownSite) => Promise<T>) =>
    cache.get(name, asked.now, async () => {
      const site = await known()
      const [value, turns] = await Promise.all([compute(site), turnsAt(listing, asked.now)])
      const until = asked.clock === undefined ? turns : Math.min(turns, nextMidnight(asked.now, asked.clock))
      // What is related depends on the page's entry, whichever collection it belongs to.
      return {
        value,
        until,
        reads: goesByReads(listing),
        collections: asked.page?.kind === 'entry' ? site.collections : listing.from.collections,
      }
    })
  return {
    seen,
    unkept: () => ({ ...askingAnew(db, known, held), seen }),
    known,
    turnsAt,
    found: async (listing, asked, above, choices) => {
      if (choices.length > 0) return foundNow(source, await known(), listing, asked, above, choices)
      const name = JSON.stringify(['found', listing.from, listing.amount, asked.page, above])
      return kept(name, listing, asked, (site) => foundNow(source, site, listing, asked, above, []))
    },
    shown: async (listing, asked, above, page = firstPage, choices = []) => {
      if (choices.length > 0) return shownNow(source, await known(), listing, asked, above, page, choices)
      const which = [
        storedListing(listing),
        asked.page,
        above,
        lastsAVisit(listing) ? asked.visit : '',
        goesByVisitorsClock(listing.shape) ? asked.clock : '',
      ]
      return kept(JSON.stringify(['shown', page, ...which]), listing, asked, (site) =>
        shownNow(source, site, listing, asked, above, page, [], (marks) =>
          kept(JSON.stringify(['marks', ...which]), listing, asked, marks),
        ),
      )
    },
    counted: async (listing, asked, above, keys, choices = []) => {
      const count = async (site: KnownSite) =>
        facetCounts(db, await listingPlan(db, site, listing, asked, above, choices), keys, held)
      return choices.length > 0
        ? count(await known())
        : kept(JSON.stringify(['counted', listing.from, asked.page, above, keys]), listing, asked, count)
    },
    foundWithin: async (listing, asked, above, choices, each) =>
      foundWithin(source, await known(), listing, asked, above, choices, each),
    months: (listing, asked, above, dates) =>
      kept(JSON.stringify(['months', listing.from, asked.page, above, dates]), listing, asked, (site) =>
        monthsThere(db, site, listing, asked, above, dates),
      ),
    spread: (listing, asked, above, numbers) =>
      kept(
        JSON.stringify(['spread', listing.from, asked.page, above, numbers]),
        listing,
        asked,
        async (site) => spreadOf(db, await listingPlan(db, site, listing, asked, above), numbers, held),
      ),
  }
}

/** Whether a listing is ordered by how often entries are read. */
export function goesByReads(listing: Listing): boolean {
  return listing.order.keys.some((key) => key.by === 'views')
}

/** Whether a listing is shuffled anew for each visit. */
export function lastsAVisit(listing: Listing): boolean {
  return listing.order.keys.some((key) => key.by === 'shuffle' && key.span === 'visit')
}

async function shownNow(
  { db, held }: CountedIn,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  page: PageAsked,
  choices: readonly VisitorAsk[],
  keepMarks: (find: () => Promise<Marks>) => Promise<Marks> = (find) => find(),
): Promise<ShownPage> {
  const plan = await listingPlan(db, known, listing, asked, above, choices)
  const place = { ...known.site, now: asked.now, visitor: asked.clock ?? null, turned: page.turn }
  const stretch = shapeOf(listing.shape).stretch?.(listing.shape, place)
  if (stretch !== undefined)
    return { ...(await shownInStretch(db, known, plan, stretch)), before: 0, previous: null, next: null }
  const { locale } = known.site
  const marks = () => keepMarks(() => marksOf(db, plan, locale))
  return pageShown({ db, held, plan, locale, amount: listing.amount, marks }, page)
}
