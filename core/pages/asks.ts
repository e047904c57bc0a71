import { slugOf } from '../content/slug'
import { fittingLabel, turnsBy } from '../fittings'
import type { Listing } from '../listing/definition'
import { shapeOf } from '../shapes'
import type { Page, Placement } from './definition'
import type { FurnitureName } from './shared-address'
import { standingOn } from './standing'

/**
 * What visitors ask of one thing on a page, as an address says it; null for nothing. What one of them is
 * asked never touches another.
 */
export interface PlacementAsk {
  /** Where its page begins, as a listing's answer names it. */
  readonly after: string | null
  /** Where its page ends, likewise. */
  readonly until: string | null
  /** The number of its page. */
  readonly page: string | null
  /** How many of its entries stand together, where pages are added to each other. */
  readonly shown: string | null
  /** Which month or week it is turned to. */
  readonly turn: string | null
}

/** What each of those is called in an address. */
const parameters: Readonly<Record<keyof PlacementAsk, string>> = {
  after: 'after',
  until: 'until',
  page: 'page',
  shown: 'shown',
  turn: 'at',
}

/** Asks for the first page of a listing. */
export const fromItsStart: Omit<PlacementAsk, 'turn'> = { after: null, until: null, page: null, shown: null }

/** What a visitor asks a page for, beside its path: what is asked of each thing on it, and anything else. */
export interface PageAsk {
  readonly query: URLSearchParams
  /** What stands before the parameters of each thing that can be asked, by its id; empty for nothing. */
  readonly names: ReadonlyMap<string, string>
  /** The id of the one that is asked by parameters of no name, too; null for none. */
  readonly first: string | null
}

/** Nothing is asked, of nothing. */
export const noAsk: PageAsk = { query: new URLSearchParams(), names: new Map(), first: null }

/**
 * What is asked of a page by an address. Each thing that can be asked has a short name there, after its own
 * anchor or what it is called, and needs none where it is alone; `around` is what stands at the head or the
 * foot of the page that the address is of.
 */
export function pageAsk(
  page: Page,
  listings: ReadonlyMap<string, Listing>,
  query: URLSearchParams,
  around?: FurnitureName,
): PageAsk {
  const asked = standingOn(page)
    .map(({ placement }) => placement)
    .filter((one) => canBeAsked(one, listings))
  const first = around === undefined ? (asked[0]?.id ?? null) : null
  if (asked.length === 1 && around === undefined)
    return { query, names: new Map(asked.map(({ id }) => [id, ''])), first }
  const taken = new Set<string>()
  const names = asked.map((one) => {
    const own = shortName(one, listings)
    const free = freeAmong(taken, around === undefined ? own : `${around}-${own}`)
    taken.add(free)
    return [one.id, `${free}.`] as const
  })
  return { query, names: new Map(names), first }
}

/** Whether visitors can ask for another page of it, turn it, or choose by its controls. */
function canBeAsked(placement: Placement, listings: ReadonlyMap<string, Listing>): boolean {
  if (placement.kind === 'fitting') return turnsBy(placement.fitting)
  const listing = listings.get(placement.listing)
  if (listing === undefined) return false
  const { amount, shape, visitors } = listing
  return amount.perPage !== null || shapeOf(shape).stretch !== undefined || visitors.controls.length > 0
}

/** So many characters of a name stand in addresses at most, whole words. */
const longestName = 24

function shortName(placement: Placement, listings: ReadonlyMap<string, Listing>): string {
  const { anchor } = placement
  if (anchor !== undefined) return anchor
  const called =
    placement.kind === 'listing'
      ? (listings.get(placement.listing)?.name ?? '')
      : fittingLabel(placement.fitting)
  const slug = slugOf(called)
  const whole = slug.length <= longestName ? slug : slug.slice(0, longestName + 1).replace(/-[^-]*$/, '')
  return whole.slice(0, longestName) || placement.kind
}

function freeAmong(taken: ReadonlySet<string>, name: string): string {
  let [free, count] = [name, 1]
  while (taken.has(free)) free = `${name}-${(count += 1)}`
  return free
}

/** What one thing is asked. */
export function askOf(ask: PageAsk, id: string): PlacementAsk {
  const asked = Object.entries(parameters).map(([key, parameter]) => [key, askedFor(ask, id, parameter)])
  return Object.fromEntries(asked) as PlacementAsk
}

/**
 * What one thing is asked for by a parameter, as by a control; null for nothing. What the first is asked
 * needs no name before it, as while it was alone.
 */
export function askedFor({ query, names, first }: PageAsk, id: string, parameter: string): string | null {
  const name = names.get(id)
  if (name === undefined) return null
  return query.get(name + parameter) ?? (first === id ? query.get(parameter) : null)
}

/** What a parameter of one thing is called in the address of the page. */
export function parameterName({ names }: PageAsk, id: string, parameter: string): string {
  return (names.get(id) ?? '') + parameter
}

/** What parameters say, by their names in the address of one thing alone; null for what is to be asked no more. */
export type AskedValues = Readonly<Record<string, string | null>>

/** What is asked then where one thing is asked something else; null for nothing. */
export function withAsk(
  ask: PageAsk,
  id: string,
  change: Partial<PlacementAsk>,
  chosen: AskedValues = {},
): PageAsk {
  const next = new URLSearchParams(ask.query)
  const own = Object.entries(change).map(
    ([key, value]) => [parameters[key as keyof PlacementAsk], value] as const,
  )
  for (const [parameter, value] of [...own, ...Object.entries(chosen)]) {
    const name = parameterName(ask, id, parameter)
    next.delete(name)
    if (ask.first === id) next.delete(parameter)
    if (value !== null) next.set(name, value)
  }
  return { ...ask, query: next }
}

/** The address, from where the page stands, at which one thing is asked something else; it is in sight there. */
export function askAddress(
  ask: PageAsk,
  id: string,
  change: Partial<PlacementAsk>,
  chosen: AskedValues = {},
): string {
  return `?${readable(withAsk(ask, id, change, chosen).query)}${placeOnPage(id)}`
}

/** As people read it: commas and slashes need no escape in a query (RFC 3986, 3.4). */
function readable(query: URLSearchParams): string {
  return query.toString().replaceAll('%2C', ',').replaceAll('%2F', '/')
}

/** The addresses at which one thing is turned: what stands before and after what it is turned to. */
export function turnAddress(ask: PageAsk, id: string): { readonly before: string; readonly after: string } {
  const { query, names } = withAsk(ask, id, { turn: null })
  const others = query.size === 0 ? '' : `${readable(query)}&`
  return { before: `?${others}${names.get(id) ?? ''}${parameters.turn}=`, after: placeOnPage(id) }
}

function placeOnPage(id: string): string {
  return `#heading-${id}`
}
