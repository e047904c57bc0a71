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
  /** What stands in the areas of its frame. */
  readonly areas: Readonly<Partial<Record<AreaName, readonly Placement[]>>>
  /** Placements that are off the page, with everything that was set for them. */
  readonly shelf: readonly Placement[]
}

export const pageVersion = 1

/** A page with nothing on it. */
export function newPage(title: string, introduction = '', frame: FrameName = 'main-side'): Page {
  return {
    version: pageVersion,
    title,
    introduction,
    frame,
    areas: Object.fromEntries(frames.get(frame).areas.map((area) => [area.name, []])),
    shelf: [],
  }
}
