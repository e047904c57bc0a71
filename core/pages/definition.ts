import { array, number, object, string } from 'yup'
import { faulty, parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { upgraded } from '../listing/upgrade'
import { uuidPattern } from '../uuid'
import { frames } from './frames'
import type { AreaName, FrameName } from './frames'

/** A listing at its place on a page. */
export interface Placement {
  /** UUID, given by whoever places it. */
  readonly id: string
  /** UUID of the listing. */
  readonly listing: string
  /** Shown above the listing; empty for none. */
  readonly heading: string
}

/** Where a placement can be: an area of the page, or the shelf. */
export type Spot = AreaName | 'shelf'

/** A public page: its words, its frame, and what stands where. */
export interface Page {
  readonly version: 1
  readonly title: string
  readonly introduction: string
  readonly frame: FrameName
  readonly areas: Readonly<Record<AreaName, readonly Placement[]>>
  /** Placements that are off the page, with everything that was set for them. */
  readonly shelf: readonly Placement[]
}

export const pageVersion = 1

const placements = array(
  object({
    id: string().matches(uuidPattern, 'A placement has a UUID.').required(),
    listing: string().matches(uuidPattern, 'A placement names a listing by its UUID.').required(),
    heading: string().defined().max(160, 'Keep the heading within 160 characters.'),
  })
    .noUnknown()
    .required(),
).max(100, 'An area holds at most 100 things.')

const schema = object({
  version: number().oneOf([pageVersion]).required(),
  title: string().trim().required('Give the page a title.').max(160, 'Keep the title within 160 characters.'),
  introduction: string().defined().max(2000, 'Keep the introduction within 2,000 characters.'),
  frame: string<FrameName>().oneOf(frames.names).required(),
  areas: object({ main: placements.required(), side: placements.required() }).noUnknown().required(),
  shelf: placements.required(),
}).noUnknown()

/** A page with nothing on it. */
export function newPage(title: string, introduction = ''): Page {
  return {
    version: pageVersion,
    title,
    introduction,
    frame: 'main-side',
    areas: { main: [], side: [] },
    shelf: [],
  }
}

/** Reads a page. Every placement's id is its own. */
export function parsePage(input: unknown): Parsed<Page> {
  const current = upgraded(input, pageVersion, [])
  if (!current.ok) return current
  const checked = parseWith<unknown>(schema, current.value)
  if (!checked.ok) return checked
  const page = checked.value as Page
  const ids = placementsOf(page).map((placement) => placement.id)
  const repeated = ids.find((id, at) => ids.indexOf(id) !== at)
  return repeated === undefined
    ? { ok: true, value: page }
    : faulty('areas', `The placement ${repeated} stands in two places. Give one of them another id.`)
}

/** Every placement of the page in page order, the shelf last. */
export function placementsOf(page: Page): readonly Placement[] {
  return [...shownPlacementsOf(page), ...page.shelf]
}

/** The placements that visitors see, in page order. */
export function shownPlacementsOf(page: Page): readonly Placement[] {
  return frames.get(page.frame).areas.flatMap((area) => page.areas[area.name])
}

/** Where a placement is, or null when it is not on the page. */
export function spotOf(page: Page, placementId: string): Spot | null {
  const spots: readonly Spot[] = [...frames.get(page.frame).areas.map((area) => area.name), 'shelf']
  return spots.find((spot) => placementsAt(page, spot).some((one) => one.id === placementId)) ?? null
}

/** What stands at a spot. */
export function placementsAt(page: Page, spot: Spot): readonly Placement[] {
  return spot === 'shelf' ? page.shelf : page.areas[spot]
}

/** The page with other placements at a spot. */
export function withPlacementsAt(page: Page, spot: Spot, placed: readonly Placement[]): Page {
  return spot === 'shelf' ? { ...page, shelf: placed } : { ...page, areas: { ...page.areas, [spot]: placed } }
}

/** The page with a placement that stands there otherwise. */
export function withPlacementChanged(
  page: Page,
  placementId: string,
  change: Partial<Omit<Placement, 'id'>>,
): Page {
  const spot = spotOf(page, placementId)
  if (spot === null) return page
  const changed = placementsAt(page, spot).map((one) =>
    one.id === placementId ? { ...one, ...change } : one,
  )
  return withPlacementsAt(page, spot, changed)
}

/** The page with a placement moved to a spot, at a position counted after it was taken out. */
export function withPlacementMoved(page: Page, placementId: string, spot: Spot, at: number): Page {
  const from = spotOf(page, placementId)
  const moved = placementsOf(page).find((one) => one.id === placementId)
  if (from === null || moved === undefined) return page
  const without = withPlacementsAt(
    page,
    from,
    placementsAt(page, from).filter((one) => one.id !== placementId),
  )
  return withPlacementsAt(without, spot, placementsAt(without, spot).toSpliced(at, 0, moved))
}
