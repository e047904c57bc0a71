import { array, lazy, number, object, string } from 'yup'
import { addsPages, defaultPaging, pagingPhrase, pagingSchema } from './paging'
import type { Paging } from './paging'

/** How many are shown where the listing is narrower than a width. */
export interface AmountStop {
  /** The listing's own width in CSS pixels, 1 to 4000: below it the other number counts. */
  readonly below: number
  /** 1 to 200, and not more than the listing shows where it is wide. */
  readonly take: number
}

/** The Amount clause: how many entries are left out at the start, and how many are shown then. */
export interface Amount {
  /** 0 to 10,000. */
  readonly skip: number
  /** 1 to 200; or all of them, in pages. */
  readonly take: number | 'all'
  /** How many a page of a longer listing holds, 1 to 200; null for all at once. */
  readonly perPage: number | null
  /** How visitors go through those pages. */
  readonly paging: Paging
  /** Widths from which fewer are shown, falling. */
  readonly stops: readonly AmountStop[]
  /** What stands in place of a listing that shows nothing; empty for the site's own words. */
  readonly nothing: string
}

/** How many a new listing shows. */
export const usualTake = 6
export const defaultAmount: Amount = {
  skip: 0,
  take: usualTake,
  perPage: null,
  paging: defaultPaging,
  stops: [],
  nothing: '',
}

/** The most that are shown at once. */
export const mostShown = 200

const count = (what: string) =>
  number()
    .typeError(`Say how many to ${what}.`)
    .integer(`Use a whole number of entries.`)
    .min(1, 'Show at least 1 entry.')
    .max(200, 'Show at most 200 entries.')

export const amountSchema = object({
  skip: number()
    .typeError('Say how many to skip.')
    .integer('Skip a whole number of entries.')
    .min(0, 'Skip 0 or more entries.')
    .max(10000, 'Skip at most 10,000 entries.'),
  take: lazy((value: unknown) => (value === 'all' ? string().oneOf(['all']) : count('show')) as never),
  perPage: count('show on a page').nullable(),
  paging: pagingSchema.optional().default(undefined),
  stops: array(
    object({
      below: number()
        .typeError('Give a width.')
        .integer('Use a whole number of pixels.')
        .min(1, 'Use at least 1 pixel.')
        .max(4000, 'Use at most 4,000 pixels.')
        .required(),
      take: count('show').required(),
    })
      .noUnknown()
      .required(),
  )
    .max(5, 'Use at most 5 widths.')
    .test('falling', 'Widths fall, each narrower than the one before.', (stops) =>
      (stops ?? []).every((stop, at) => at === 0 || stop.below < (stops?.[at - 1]?.below ?? 0)),
    ),
  nothing: string().max(300, 'Keep the words within 300 characters.'),
})
  .noUnknown()
  .test(
    'pages',
    (amount: { readonly take?: unknown; readonly perPage?: number | null } | undefined, { createError }) =>
      amount?.take !== 'all' ||
      amount.perPage != null ||
      createError({
        path: 'amount.take',
        message: `All of them are shown in pages, of ${mostShown} at most. Say how many a page holds.`,
      }),
  )

/** How many a listing shows in all: Infinity for all there are. */
export function takeOf({ take }: Pick<Amount, 'take'>): number {
  return take === 'all' ? Infinity : take
}

/** The clause in words: “skip 1, then 8”, “40 in pages of 12”, “all, 12 more at each press”. */
export function amountPhrase(amount: Amount): string {
  const many = amount.take === 'all' ? 'all' : String(amount.take)
  const pages = amount.perPage === null ? '' : pagingPhrase(amount.paging, amount.perPage)
  const taken = pages === '' ? many : addsPages(amount.paging) ? `${many}, ${pages}` : `${many} ${pages}`
  return amount.skip === 0
    ? amount.perPage === null
      ? `${taken} of them`
      : taken
    : `skip ${amount.skip}, then ${taken}`
}

/** How many at narrower widths: “4 · 2”; null where the number never changes. */
export function amountAside(amount: Amount): string | null {
  return amount.stops.length === 0 ? null : amount.stops.map((stop) => stop.take).join(' · ')
}

/** The narrowest width (CSS pixels) at which the entry at a place, from 0, is still shown; 0 for always. */
export function shownFrom(amount: Amount, at: number): number {
  return Math.max(
    0,
    ...amount.stops.filter((stop) => takeAt(amount, stop.below - 1) <= at).map((stop) => stop.below),
  )
}

/** The widest width (CSS pixels) below which so many entries are not all shown; null where they always are. */
export function hidesBelow(amount: Amount, count: number): number | null {
  return amount.stops.find(({ take }) => take < count)?.below ?? null
}

/** How many a listing of this width (CSS pixels) shows at most. */
export function takeAt(amount: Amount, width: number): number {
  const first = Math.min(takeOf(amount), amount.perPage ?? Infinity)
  return amount.stops.reduce((take, stop) => (width < stop.below ? Math.min(take, stop.take) : take), first)
}
