import { array, number, object, string } from 'yup'
import { upgraded } from '../listing/upgrade'
import { faulty, parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { uuidPattern } from '../uuid'
import { pageVersion } from './definition'
import type { Page } from './definition'
import { areaNames, areaOf, frames } from './frames'
import type { FrameName } from './frames'
import { placementsOf } from './standing'

const placement = array(
  object({
    id: string().matches(uuidPattern, 'A placement has a UUID.').required(),
    listing: string().matches(uuidPattern, 'A placement names a listing by its UUID.').required(),
    heading: string().defined().max(160, 'Keep the heading within 160 characters.'),
  })
    .noUnknown()
    .required(),
)
const placements = placement.max(100, 'An area holds at most 100 things.')

const schema = object({
  version: number().oneOf([pageVersion]).required(),
  title: string().trim().required('Give the page a title.').max(160, 'Keep the title within 160 characters.'),
  introduction: string().defined().max(2000, 'Keep the introduction within 2,000 characters.'),
  frame: string<FrameName>().oneOf(frames.names).required(),
  areas: object(Object.fromEntries(areaNames.map((name) => [name, placements])))
    .noUnknown()
    .required(),
  // As much as all areas of a frame may leave there.
  shelf: placement.max(1000, 'The shelf holds at most 1,000 things.').required(),
}).noUnknown()

/** Reads a page. Every placement's id is its own, and stands in an area that the frame has. */
export function parsePage(input: unknown): Parsed<Page> {
  const current = upgraded(input, pageVersion, [])
  if (!current.ok) return current
  const checked = parseWith<unknown>(schema, current.value)
  if (!checked.ok) return checked
  const page = checked.value as Page
  const stray = Object.keys(page.areas).find((name) => areaOf(page.frame, name) === undefined)
  if (stray !== undefined) return faulty(`areas.${stray}`, 'The frame of this page has no such area.')
  const ids = placementsOf(page).map((placement) => placement.id)
  const repeated = ids.find((id, at) => ids.indexOf(id) !== at)
  return repeated === undefined
    ? { ok: true, value: page }
    : faulty('areas', `The placement ${repeated} stands in two places. Give one of them another id.`)
}
