import { newFitting } from '../fittings'
import type { ChosenFitting } from '../fittings'
import { newPage } from './definition'
import type { Page } from './definition'
import { withPlacementsAt } from './moves'
import { sharedAreaPage } from './shared-areas'
import { spotsOf } from './standing'
import { furnitureNames } from './shared-address'
import type { FurnitureName } from './shared-address'

/** What the areas that stand on every page are called. */
export const furnitureTitles: Readonly<Record<FurnitureName, string>> = {
  head: 'Head of every page',
  foot: 'Foot of every page',
}

const usual: Readonly<Record<FurnitureName, ChosenFitting<'site-name'>>> = {
  head: { ...newFitting('site-name'), title: 'Pages' },
  foot: { ...newFitting('site-name'), tagline: true, menu: 'foot', folds: false, title: 'More pages' },
}

/** Whether a page has the head or the foot of every page. */
export function hasFurniture({ without = [] }: Pick<Page, 'without'>, name: FurnitureName): boolean {
  return !without.includes(name)
}

/** What a page has of the head and the foot of every page. */
export function furnitureOf(page: Pick<Page, 'without'>): readonly FurnitureName[] {
  return furnitureNames.filter((name) => hasFurniture(page, name))
}

/** The page with the head or the foot of every page, or without it. */
export function withFurniture(page: Page, name: FurnitureName, isThere: boolean): Page {
  const { without = [], ...whole } = page
  const left = furnitureNames.filter((one) => (one === name ? !isThere : without.includes(one)))
  return left.length === 0 ? whole : { ...whole, without: left }
}

/** What stands at the head or the foot of every page until somebody changes it. */
export function usualFurniture(name: FurnitureName, nextId: () => string): Page {
  const page = newPage(furnitureTitles[name], '', 'one-column')
  const [first = 'shelf'] = spotsOf(page)
  const line = { kind: 'fitting', id: nextId(), heading: '', fitting: usual[name] } as const
  return sharedAreaPage(withPlacementsAt(page, first, [line]), 'main', furnitureTitles[name])
}
