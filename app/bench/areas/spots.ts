import { columnsOn } from '~~/core/pages/standing'
import type { Page, Spot } from '~~/core/pages/definition'
import { words } from './words'

/**
 * What a spot is called: as its area where that has nothing else, or with the places of its band and
 * its column among the others.
 */
export function titleOfSpot(page: Page, spot: Spot): string {
  if (spot === 'shelf') return words.shelf
  const found = columnsOn(page).find((one) => one.spot === spot)
  if (found === undefined) return ''
  const { area, band, column } = found
  const bands = page.areas[area.name] ?? []
  return [
    area.title,
    ...(bands.length > 1 ? [words.bandNumber(bands.indexOf(band) + 1)] : []),
    ...(band.columns.length > 1 ? [words.columnNumber(band.columns.indexOf(column) + 1)] : []),
  ].join(', ')
}
