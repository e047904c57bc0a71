import { takeOf } from '../../core/listing/amount'
import type { Listing } from '../../core/listing/definition'
import { cursorText, readCursor } from '../../core/query/cursor'
import type { Cursor } from '../../core/query/cursor'
import type { PageAsked } from '../../core/query/page-asked'
import type { Plan } from '../../core/query/plan'
import { positionComparer, positionReader } from '../../core/query/position'
import type { Position } from '../../core/query/position'
import type { RowKey } from '../../core/content/row'
import type { Db } from '../db/client'
import { marksAlong, shownPositions } from './answer'
import type { CountedIn } from './held-entries'
import { indexedRow } from './indexed-entry'
import type { CountedPosition } from './segment-statements'
import { passingCount } from './step-counts'

/** A page of a listing's rows. */
export interface ShownPage {
  readonly rows: readonly RowKey[]
  /** How many lie on the pages before it; 0 for the first page. */
  readonly before: number
  /** The cursor of the page that ends where it begins; null on the first, and where nothing is left of it. */
  readonly previous: string | null
  /** The cursor of the page after it; null on the last. */
  readonly next: string | null
  /** As `StretchShown` has it. */
  readonly later: number | null
}

/** Rows along a plan from which those after them are reached. */
export type Marks = readonly CountedPosition[]

/** What pages of a listing are asked with. */
interface Paged extends CountedIn {
  readonly plan: Plan
  readonly locale: string
  readonly amount: Listing['amount']
  /** Marks along its rows, as `marksOf` tells them; found where nobody keeps them. */
  readonly marks?: () => Promise<Marks>
  /** So many rows are gone over from an end, at most; to those farther off it goes from a mark. */
  readonly reach?: number
}

const usualReach = 2000

/** Marks along all that a plan finds, as far apart as rows are gone over. */
export function marksOf(db: Db, plan: Plan, locale: string, reach = usualReach): Promise<Marks> {
  return marksAlong(db, plan, locale, reach)
}

/** The page of a listing that is asked for; its first where nothing says another that is there. */
export async function pageShown(paged: Paged, asked: PageAsked): Promise<ShownPage> {
  const { perPage } = paged.amount
  if (perPage === null) return pageFrom(paged, null, 0, paged.plan.take)
  const size = perPage * asked.together
  const [text, isUntil] = asked.until === null ? [asked.after, false] : [asked.until, true]
  const cursor = text === null ? null : readCursor(text, paged.plan)
  if (cursor === null)
    return asked.number === null || asked.number === 1
      ? pageFrom(paged, null, 0, size)
      : numberedPage(paged, asked.number, perPage, size)
  const position = cursor.position ?? (await positionOf(paged, cursor))
  // A row that is gone by now can't tell where it stood; how many were shown before can.
  if (position === null) return pageAfter(paged, isUntil ? back(cursor.before, size) : cursor.before, size)
  return isUntil
    ? pageUntil(paged, position, cursor.before, size)
    : pageFrom(paged, position, cursor.before, size)
}

function back(before: number, size: number): number {
  return Math.max(0, before - size)
}

/** What follows a position, so many rows further on, or what comes after so many. */
async function pageFrom(
  paged: Paged,
  from: Position | null,
  before: number,
  size: number,
  further = 0,
): Promise<ShownPage> {
  const { db, plan, locale, amount } = paged
  const take = takeOf(amount)
  const most = Math.max(0, Math.min(size, take - before))
  if (most === 0) return { rows: [], before, previous: null, next: null, later: null }
  // One more than is shown tells whether there is another page.
  const more = amount.perPage !== null && before + most < take
  const asking = { ...plan, skip: plan.skip + before, take: further + (more ? most + 1 : most) }
  const found = (await shownPositions(db, asking, locale, from)).slice(further)
  return pageOf(found.slice(0, most), before, before > 0, found.length > most)
}

/** What ends before a position. */
async function pageUntil(paged: Paged, end: Position, before: number, size: number): Promise<ShownPage> {
  const { db, plan, locale, amount } = paged
  const found = await shownPositions(db, { ...plan, take: size + 1 }, locale, end, 'end')
  const reachable = (await notSkipped(paged, found)).toReversed()
  const rows = reachable.slice(-size)
  const last = rows.at(-1)
  if (last === undefined) return pageFrom(paged, null, 0, size)
  const isFirst = reachable.length <= size
  const first = isFirst ? 0 : Math.max(1, before - rows.length)
  const isMore =
    first + rows.length < takeOf(amount) &&
    (await shownPositions(db, { ...plan, take: 1 }, locale, last)).length > 0
  return pageOf(rows, first, !isFirst, isMore)
}

/** Of rows that were found from an end on, those that do not belong to what a listing skips at its start. */
async function notSkipped(
  { db, plan, locale }: Paged,
  found: readonly Position[],
): Promise<readonly Position[]> {
  if (plan.skip === 0) return found
  const [last] = await shownPositions(db, { ...plan, skip: plan.skip - 1, take: 1 }, locale)
  if (last === undefined) return []
  const compare = positionComparer(plan.order, locale)
  return found.filter((one) => compare(one, last) > 0)
}

/**
 * A page by its number, with what stands together with it; the last where there are fewer. Those near to the
 * end are reached from there.
 */
async function numberedPage(paged: Paged, number: number, perPage: number, size: number): Promise<ShownPage> {
  const { db, held, plan, locale, amount, reach = usualReach } = paged
  const all = Math.max(0, (await passingCount(db, plan, held)) - plan.skip)
  const total = Math.min(all, takeOf(amount))
  const before = perPage * (Math.max(1, Math.min(number, Math.ceil(total / perPage))) - 1)
  if (before <= all / 2 || all - before > reach) return pageAfter(paged, before, size)
  const take = Math.min(size, total - before)
  const asking = { ...plan, skip: all - before - take, take }
  const found = await shownPositions(db, asking, locale, null, 'end')
  return pageOf(found.toReversed(), before, before > 0, before + take < total)
}

/** What comes after so many rows. */
async function pageAfter(paged: Paged, before: number, size: number): Promise<ShownPage> {
  const { db, plan, locale, reach = usualReach } = paged
  const wanted = plan.skip + before
  if (wanted <= reach) return pageFrom(paged, null, before, size)
  const marks = await (paged.marks?.() ?? marksOf(db, plan, locale, reach))
  const mark = marks.findLast(({ count }) => count <= wanted)
  return mark === undefined
    ? pageFrom(paged, null, before, size)
    : pageFrom(paged, mark.position, before, size, wanted - mark.count)
}

function pageOf(found: readonly Position[], before: number, isBefore: boolean, isMore: boolean): ShownPage {
  const [first, last] = [found[0], found.at(-1)]
  return {
    rows: found.map(({ id, at }) => ({ id, at })),
    before,
    previous: isBefore && first !== undefined ? cursorText({ position: first, before }) : null,
    next: isMore && last !== undefined ? cursorText({ position: last, before: before + found.length }) : null,
    later: null,
  }
}

/** Where a row stands in a plan's order now; null where it is gone. */
async function positionOf({ db, plan }: Paged, row: Cursor): Promise<Position | null> {
  const indexed = await indexedRow(db, row)
  return indexed === null ? null : positionReader(plan.order)(indexed)
}
