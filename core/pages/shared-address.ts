import { isPattern } from '../content/entry-address'
import { areaNames } from './frames'
import type { AreaName } from './frames'

/**
 * A shared area is kept as a page of which only that area counts. Its address says which, and begins
 * with no stroke: visitors can’t ask for it.
 */
const start = 'areas/'

/** The address of a shared area; `id` is a name that no other has. */
export function sharedAreaAddress(area: AreaName, id: string): string {
  return `${start}${area}/${id}`
}

/** Which area a shared area stands in, by its address; null for the address of a page. */
export function sharedAreaAt(path: string): AreaName | null {
  const [area] = path.startsWith(start) ? path.slice(start.length).split('/') : []
  return areaNames.find((name) => name === area) ?? null
}

/** Whether a page of this address is one that visitors can go to: not one of many things, nor a shared area. */
export function isPlainAddress(path: string): boolean {
  return !isPattern(path) && sharedAreaAt(path) === null
}

/** Shared areas that stand on every page without being chosen for it. */
export const furnitureNames = ['head', 'foot'] as const
export type FurnitureName = (typeof furnitureNames)[number]

/** The address of what stands at the head or the foot of every page: as wide as a page of one column. */
export function furnitureAddress(name: FurnitureName): string {
  return sharedAreaAddress('main', `site-${name}`)
}

/** Whether a shared area is the head or the foot of every page, by its address; null for another. */
export function furnitureAt(path: string): FurnitureName | null {
  return furnitureNames.find((name) => furnitureAddress(name) === path) ?? null
}
