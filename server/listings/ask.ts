import { opensOf } from '../../core/cards/card'
import { takeOf } from '../../core/listing/amount'
import { shapeOf } from '../../core/shapes'
import { goesByVisitorsClock } from '../../core/shapes/time-axis'
import { storedListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import type { ListingCounts } from '../../core/query/answers'
import { firstPage } from '../../core/query/page-asked'
import type { PageAsked } from '../../core/query/page-asked'
import { chosenPredicate, planOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import type { VisitorAsk } from '../../core/rules/context'
import { nextMidnight } from '../../core/time/windows'
import { askedAlone } from '../../core/query/asked-alone'
import type { Db } from '../db/client'
import type { DependentCache } from '../live/dependent-cache'
import { knownSite, questionContext } from './context'
import type { Asked, KnownSite } from './context'
import { facetCounts } from './facet-counts'
import { countsWithin, monthsOf, spreadOf } from './found-within'
import type { DatesAsked, NumbersAsked, Spread } from './found-within'
import { mayChangeAt } from './next-change'
import { pageShown } from './shown-page'
import type { ShownPage } from './shown-page'
import { countsOf, passingCount } from './step-counts'
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
export function askingAnew(db: Db, site?: () => Promise<KnownSite>): ListingAsker {
  let known: Promise<KnownSite> | undefined
  const knownOnce = site ?? (() => (known ??= knownSite(db)))
  const asker: ListingAsker = {
    seen: () => null,
    unkept: () => asker,
    known: knownOnce,
    turnsAt: async (listing, now) => mayChangeAt(db, listing, (await knownOnce()).words, now),
    counted: async (listing, asked, above, keys, choices = []) =>
      facetCounts(db, await listingPlan(db, await knownOnce(), listing, asked, above, choices), keys),
    found: async (listing, asked, above, choices) =>
      foundNow(db, await knownOnce(), listing, asked, above, choices),
    shown: async (listing, asked, above, page = firstPage, choices = []) =>
      shownNow(db, await knownOnce(), listing, asked, above, page, choices),
    foundWithin: async (listing, asked, above, choices, each) =>
      foundWithin(db, await knownOnce(), listing, asked, above, choices, each),
    months: async (listing, asked, above, dates) =>
      monthsThere(db, await knownOnce(), listing, asked, above, dates),
    spread: async (listing, asked, above, numbers) =>
      spreadOf(db, await listingPlan(db, await knownOnce(), listing, asked, above), numbers),
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
): ListingAsker {
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
    unkept: () => ({ ...askingAnew(db, known), seen }),
    known,
    turnsAt,
    found: async (listing, asked, above, choices) => {
      if (choices.length > 0) return foundNow(db, await known(), listing, asked, above, choices)
      const name = JSON.stringify(['found', listing.from, listing.amount, asked.page, above])
      return kept(name, listing, asked, (site) => foundNow(db, site, listing, asked, above, []))
    },
    shown: async (listing, asked, above, page = firstPage, choices = []) => {
      if (choices.length > 0) return shownNow(db, await known(), listing, asked, above, page, choices)
      return kept(
        JSON.stringify([
          storedListing(listing),
          asked.page,
          above,
          page,
          lastsAVisit(listing) ? asked.visit : '',
          goesByVisitorsClock(listing.shape) ? asked.clock : '',
        ]),
        listing,
        asked,
        (site) => shownNow(db, site, listing, asked, above, page, []),
      )
    },
    counted: async (listing, asked, above, keys, choices = []) => {
      const count = async (site: KnownSite) =>
        facetCounts(db, await listingPlan(db, site, listing, asked, above, choices), keys)
      return choices.length > 0
        ? count(await known())
        : kept(JSON.stringify(['counted', listing.from, asked.page, above, keys]), listing, asked, count)
    },
    foundWithin: async (listing, asked, above, choices, each) =>
      foundWithin(db, await known(), listing, asked, above, choices, each),
    months: (listing, asked, above, dates) =>
      kept(JSON.stringify(['months', listing.from, asked.page, above, dates]), listing, asked, (site) =>
        monthsThere(db, site, listing, asked, above, dates),
      ),
    spread: (listing, asked, above, numbers) =>
      kept(
        JSON.stringify(['spread', listing.from, asked.page, above, numbers]),
        listing,
        asked,
        async (site) => spreadOf(db, await listingPlan(db, site, listing, asked, above), numbers),
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
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  page: PageAsked,
  choices: readonly VisitorAsk[],
): Promise<ShownPage> {
  const plan = await listingPlan(db, known, listing, asked, above, choices)
  const place = { ...known.site, now: asked.now, visitor: asked.clock ?? null, turned: page.turn }
  const stretch = shapeOf(listing.shape).stretch?.(listing.shape, place)
  if (stretch !== undefined)
    return { ...(await shownInStretch(db, known, plan, stretch)), before: 0, previous: null, next: null }
  return pageShown({ db, plan, locale: known.site.locale, amount: listing.amount }, page)
}

async function foundNow(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[],
): Promise<number> {
  const plan = await listingPlan(db, known, listing, asked, above, choices)
  return shownOf(await passingCount(db, plan), listing)
}

/** So many of what passes are shown. */
function shownOf(passing: number, { amount }: Listing): number {
  return Math.min(Math.max(0, passing - amount.skip), takeOf(amount))
}

async function monthsThere(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  { value, zone }: DatesAsked,
): Promise<readonly string[]> {
  const context = await questionContext(db, known, listing, asked, above)
  // Only dates of entries say when something happens.
  const { rows } = planOf(listing, { ...context, choices: value === 'startsAt' ? [anyDate] : [] })
  return monthsOf(db, { ...planOf(listing, context), rows }, value, zone)
}

/** Asks for nothing of when entries happen, but asks it. */
const anyDate: VisitorAsk = {
  rule: 'when',
  asked: { is: 'within', window: { is: 'between', from: null, to: null } },
}

async function foundWithin(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[],
  each: readonly VisitorAsk[],
): Promise<readonly number[]> {
  const together = await questionContext(db, known, listing, asked, above, [...choices, ...each])
  // Choices by one control ask of the same rows, whichever it is: of entries, or of their dates.
  const { rows } = planOf(listing, { ...together, choices: [...choices, ...each.slice(0, 1)] })
  const context = { ...together, choices, collections: listing.from.collections }
  const plan = { ...planOf(listing, context), rows }
  const counts = await countsWithin(
    db,
    plan,
    each.map((one) => chosenPredicate(one, context)),
  )
  return counts.map((count) => shownOf(count, listing))
}

/** The plan of a listing as the site is now. */
export async function listingPlan(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[] = [],
): Promise<Plan> {
  return planOf(listing, await questionContext(db, known, listing, asked, above, choices))
}

/**
 * How many entries each step of a listing leaves and each rule alone lets through, and what was
 * picked but is gone.
 */
export async function listingCounts(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
): Promise<ListingCounts> {
  const context = await questionContext(db, known, listing, asked, above)
  const alone = askedAlone(listing.from, context)
  const [counts, gone] = await Promise.all([
    countsOf(
      db,
      planOf(listing, context),
      alone.map((one) => one.asks),
    ),
    goneEntries(
      db,
      [
        ...(listing.from.by === 'hand' ? listing.from.picks.map((pick) => pick.entry) : []),
        ...listing.from.always,
      ],
      asked.now,
    ),
  ])
  return {
    steps: counts.steps,
    above,
    alone: Object.fromEntries(alone.map((one, at) => [one.path, counts.alone[at] ?? 0])),
    gone,
  }
}

/** Of these entries, those that visitors can't see at `now`. */
async function goneEntries(db: Db, ids: readonly number[], now: number): Promise<ListingCounts['gone']> {
  if (ids.length === 0) return []
  const at = new Date(now)
  const rows = await db
    .selectFrom('entries as e')
    .leftJoin('entry_index as i', 'i.entry_id', 'e.id')
    .select(['e.id', 'e.title', 'e.deleted_at', 'i.published_at', 'i.expires_at'])
    .where('e.id', 'in', [...ids])
    .execute()
  const found = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id) => {
    const row = found.get(id)
    const isSeen =
      row?.published_at != null && row.published_at <= at && (row.expires_at === null || row.expires_at > at)
    return isSeen ? [] : [{ id, title: row === undefined || row.deleted_at !== null ? null : row.title }]
  })
}
