import type { Page, Parked, Placement } from './definition'
import { areasOf, columnsOn, placementsAt } from './standing'
import type { StandingColumn } from './standing'
import { withPlacementsAt } from './moves'
import { unparked } from './places'

/**
 * The page with a thing from its shelf back where it stood: in its column, else at the end of its area,
 * else of the page’s first one. As it is where the thing does not lie on the shelf.
 */
export function withReturned(page: Page, placementId: string): Page {
  const thing = page.shelf.find((one) => one.id === placementId)
  if (thing === undefined) return page
  const [column, at] = returnColumn(page, thing.parked)
  if (column === undefined) return page
  const without = { ...page, shelf: page.shelf.filter((one) => one !== thing) }
  const there = placementsAt(without, column.spot)
  return withPlacementsAt(without, column.spot, there.toSpliced(at, 0, unparked(thing)))
}

function returnColumn(page: Page, parked: Parked | undefined): readonly [StandingColumn | undefined, number] {
  const columns = columnsOn(page)
  const own = columns.find(
    (one) =>
      parked !== undefined &&
      one.area.name === parked.area &&
      one.band.id === parked.band &&
      one.band.columns.indexOf(one.column) === parked.column,
  )
  if (own !== undefined && parked !== undefined) return [own, parked.at]
  return [columns.findLast((one) => one.area.name === parked?.area) ?? columns[0], Infinity]
}

/** The page with everything back whose day has come. `today` is an ISO 8601 day. */
export function withDueReturned(page: Page, today: string): Page {
  return page.shelf
    .filter(({ parked }) => parked?.until !== undefined && parked.until <= today)
    .reduce((done, thing) => withReturned(done, thing.id), page)
}

/** The page with a thing on its shelf that comes back on a day, or not by itself for null. */
export function withParkedUntil(page: Page, placementId: string, until: string | null): Page {
  const shelf = page.shelf.map((thing): Placement => {
    if (thing.id !== placementId) return thing
    const { until: before, ...place } = thing.parked ?? firstPlace(page)
    if (until === null) return before === undefined ? thing : { ...thing, parked: place }
    return { ...thing, parked: { ...place, until } }
  })
  return { ...page, shelf }
}

/** Where a thing goes back to that never stood anywhere. */
function firstPlace(page: Page): Parked {
  const [first] = areasOf(page)
  if (first === undefined) throw new Error('A page has an area.')
  const [band] = page.areas[first.name] ?? []
  return {
    area: first.name,
    band: band?.id ?? 0,
    column: 0,
    at: band?.columns[0]?.placements.length ?? 0,
  }
}
