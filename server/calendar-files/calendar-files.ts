import { takeOf } from '../../core/listing/amount'
import type { Listing } from '../../core/listing/definition'
import { calendarFileOf } from '../../core/pages/calendar-file'
import type { Plan } from '../../core/query/plan'
import { calendarText } from '../../core/icalendar/write'
import { nextMidnight } from '../../core/time/windows'
import type { Db } from '../db/client'
import { etagOf } from '../http/etag'
import { DependentCache } from '../live/dependent-cache'
import type { ChangeFeed } from '../live/change-feed'
import { shownRows } from '../listings/answer'
import { listingPlan } from '../listings/plan'
import type { ListingAsker } from '../listings/ask'
import { saysWhen } from '../listings/context'
import type { KnownSite } from '../listings/context'
import { entryAt } from '../pages/entry-page'
import { readListing } from '../pages/pages'
import { calendarEvents } from './events'

/** A calendar takes so many events at most: the first of its listing. */
const mostEvents = 2000
/** Characters of files that are kept. */
const mostKept = 16_000_000

export interface ReadyCalendar {
  readonly text: string
  /** Names what it says (RFC 9110, 8.8.3). */
  readonly etag: string
}

/** Where the site is reached, and when it is asked, in epoch milliseconds. */
export interface CalendarAsked {
  readonly origin: string
  readonly now: number
  /** The entries that a listing's calendar is narrowed to; null for all of them. */
  readonly only: readonly number[] | null
}

/** The calendar files of listings and of single entries, each kept until it may be another. */
export class CalendarFiles {
  private readonly kept: DependentCache

  constructor(
    private readonly db: Db,
    private readonly asker: ListingAsker,
    feed: Pick<ChangeFeed, 'subscribe' | 'isListening'>,
  ) {
    this.kept = new DependentCache(feed, {
      bytes: mostKept,
      sizeOf: (value) => (value as string | null)?.length ?? 100,
    })
  }

  /** The file at a path that ends in `.ics`; null where there is none. */
  async answer(path: string, asked: CalendarAsked): Promise<ReadyCalendar | null> {
    const named = calendarFileOf(path)
    if (named === null) return null
    const text =
      named.of === 'entry'
        ? await this.entryFile(named.path, asked)
        : await this.listingFile(named.listing, asked)
    return text === null ? null : { text, etag: etagOf(text) }
  }

  private async entryFile(path: string, { origin, now }: CalendarAsked): Promise<string | null> {
    const { site } = await this.asker.known()
    const entry = await entryAt(this.db, site, path, now)
    if (entry === null || entry.kind === 'moved') return null
    const events = await calendarEvents(this.db, site, [entry.id], origin, now)
    return events.length === 0 ? null : calendarText({ name: '', events }, now)
  }

  private async listingFile(id: string, asked: CalendarAsked): Promise<string | null> {
    const { now, origin, only } = asked
    if (only !== null) return this.partOfListing(id, asked)
    return this.kept.get<string | null>(`${id} ${origin}`, now, async () => {
      const listing = await publishedListing(this.db, id)
      const known = await this.asker.known()
      const value = listing === null ? null : await textOfListing(this.db, known, listing, asked)
      // What is not there is not kept: there is no end to addresses where nothing is.
      if (listing === null || value === null) return { value, collections: [], until: now }
      const until = Math.min(await this.asker.turnsAt(listing, now), nextMidnight(now, known.site.zone))
      return { value, collections: listing.from.collections, until, pages: true }
    })
  }

  /** Not kept: there is no end to what may be asked for. */
  private async partOfListing(id: string, asked: CalendarAsked): Promise<string | null> {
    const listing = await publishedListing(this.db, id)
    return listing === null ? null : textOfListing(this.db, await this.asker.known(), listing, asked)
  }
}

/** A listing as it is published; null for one that is not, or is gone. */
async function publishedListing(db: Db, id: string): Promise<Listing | null> {
  const row = await db.selectFrom('listings').select('published').where('id', '=', id).executeTakeFirst()
  return row?.published ? readListing(row.published) : null
}

/** What a listing has of what happens, each once with all its dates; null where nothing of it ever does. */
async function textOfListing(
  db: Db,
  known: KnownSite,
  listing: Listing,
  { origin, now, only }: CalendarAsked,
): Promise<string | null> {
  const { collections } = listing.from
  if (!saysWhen(known, collections)) return null
  const plan = await listingPlan(db, known, listing, { now, page: null, visit: '' }, [])
  const rows = await shownRows(db, eachOnce(plan, takeOf(listing.amount), now), known.site.locale)
  const ids = [...new Set(rows.map((row) => row.id))].filter((id) => only?.includes(id) ?? true)
  const events = await calendarEvents(db, known.site, ids, origin, now)
  return calendarText({ name: listing.name, events }, now)
}

/** A plan of dates as one of entries, each at its next; with as many as a calendar takes. */
function eachOnce(plan: Plan, take: number, now: number): Plan {
  return {
    ...plan,
    rows: plan.rows.of === 'dates' ? { of: 'next', now } : plan.rows,
    take: Math.min(mostEvents, take),
  }
}
