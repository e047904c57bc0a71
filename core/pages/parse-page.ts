import { array, number, object, string } from 'yup'
import { upgraded } from '../listing/upgrade'
import { faulty, parseWith } from '../parsing'
import { idSchema } from '../schemas'
import type { Parsed } from '../parsing'
import { bandsSchema } from './bands/schema'
import { pageVersion, withEveryArea } from './definition'
import type { Page } from './definition'
import { areaNames, areaOf, frames } from './frames'
import type { AreaName, FrameName } from './frames'
import { placementSchema } from './placement-schema'
import { placementsIn, columnsOn, placementsOf } from './standing'
import { furnitureNames } from './shared-address'
import type { FurnitureName } from './shared-address'
import { pageSteps } from './upgrade'

/** So much a page holds at most, its shelf with it: whatever is moved where, there is room for it. */
export const mostThings = 1500

const schema = object({
  version: number().oneOf([pageVersion]).required(),
  title: string().trim().required('Give the page a title.').max(160, 'Keep the title within 160 characters.'),
  introduction: string().defined().max(2000, 'Keep the introduction within 2,000 characters.'),
  frame: string<FrameName>().oneOf(frames.names).required(),
  only: string<AreaName>().oneOf(areaNames),
  areas: object(Object.fromEntries(areaNames.map((name) => [name, bandsSchema])))
    .noUnknown()
    .required(),
  shared: object(
    Object.fromEntries(areaNames.map((name) => [name, idSchema('A shared area is named by its number.')])),
  )
    .noUnknown()
    .optional()
    .default(undefined),
  without: array(string<FurnitureName>().oneOf(furnitureNames).required())
    .max(furnitureNames.length, 'A page has one head and one foot.')
    .optional()
    .default(undefined),
  shelf: array(placementSchema).required(),
}).noUnknown()

/**
 * Reads a page, also one of an older version. Every placement's id is its own, and stands in an area
 * that the frame has; an area that is not told has an empty band.
 */
export function parsePage(input: unknown): Parsed<Page> {
  const current = upgraded(input, pageVersion, pageSteps)
  if (!current.ok) return current
  const checked = parseWith<unknown>(schema, current.value)
  if (!checked.ok) return checked
  const told = checked.value as Page
  const stray = Object.keys(told.areas).find((name) => areaOf(told.frame, name) === undefined)
  if (stray !== undefined) return faulty(`areas.${stray}`, 'The frame of this page has no such area.')
  const page = withEveryArea(told)
  const full = Object.keys(page.shared ?? {}).find((name) => placementsIn(page, name as AreaName).length > 0)
  if (full !== undefined)
    return faulty(`areas.${full}`, 'An area that is shared has nothing of its own on the page.')
  const ids = placementsOf(page).map((placement) => placement.id)
  if (ids.length > mostThings)
    return faulty('areas', `A page holds at most ${mostThings} things, its shelf with it.`)
  const repeated = firstRepeated(ids)
  if (repeated !== null)
    return faulty('areas', `The placement ${repeated} stands in two places. Give one of them another id.`)
  const band = firstRepeated(columnsOn(page).map((one) => one.spot))
  return band === null
    ? { ok: true, value: page }
    : faulty('areas', `Two bands have the number ${band.split('/')[0]}. Give one of them another.`)
}

function firstRepeated(all: readonly string[]): string | null {
  const met = new Set<string>()
  return all.find((one) => met.size === met.add(one).size) ?? null
}
