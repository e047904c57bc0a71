import { array, lazy, mixed, number, object, string } from 'yup'
import type { ObjectShape, Schema } from 'yup'
import { isAddress } from '../content/fields/address'
import { dayStart } from '../content/fields/date'
import { parseRichText } from '../content/rich-text/document'
import { fittingSchema } from '../fittings'
import { stylesSchema } from '../looks/styles'
import { largestId } from '../schemas'
import { uuidPattern } from '../uuid'
import { areaNames } from './frames'
import type { AreaName } from './frames'
import { headingLevels } from './definition'
import { anchorFormFault, classesFault } from './own-names'
import type { Placement } from './definition'

/** What each kind of placement says besides what all do. A new kind is a line here. */
const kinds: Readonly<Record<Placement['kind'], ObjectShape>> = {
  listing: {
    listing: string().matches(uuidPattern, 'A placement names a listing by its UUID.').required(),
  },
  fitting: { fitting: fittingSchema, styles: stylesSchema.optional().default(undefined) },
}

const words = mixed().test(
  'rich-text',
  'The words around it are not written as rich text.',
  (value) => value === undefined || parseRichText(value).ok,
)

const place = () => number().integer().min(0).max(largestId).required()

const parkedSchema = object({
  area: string<AreaName>().oneOf(areaNames, 'It stood in one of the areas there are.').required(),
  band: place(),
  column: place(),
  at: place(),
  until: string().test(
    'day',
    'Write the day as 2026-11-26.',
    (value) => value === undefined || dayStart(value) !== null,
  ),
})
  .noUnknown()
  .optional()
  .default(undefined)

const schemas = Object.fromEntries(
  Object.entries(kinds).map(([kind, own]) => [
    kind,
    object({
      kind: string().required(),
      id: string().matches(uuidPattern, 'A placement has a UUID.').required(),
      heading: string().defined().max(160, 'Keep the heading within 160 characters.'),
      headingLevel: number().oneOf(headingLevels, 'A heading is of level 2, 3 or 4.'),
      headingAddress: string().test(
        'address',
        'Write an address as /plots or https://example.org.',
        (value) => value === undefined || isAddress(value),
      ),
      anchor: string().test('anchor', (value, { createError }) => {
        const message = value === undefined ? null : anchorFormFault(value)
        return message === null || createError({ message })
      }),
      classes: array(string().required()).test('classes', (all, { createError }) => {
        const message = all === undefined ? null : classesFault(all)
        return message === null || createError({ message })
      }),
      above: words,
      below: words,
      parked: parkedSchema,
      ...own,
    })
      .noUnknown()
      .required(),
  ]),
)
const unknownKind = mixed().test(
  'known',
  `What is placed is one of: ${Object.keys(kinds).join(', ')}.`,
  () => false,
)

/** Checks a placement by the schema of its kind. */
export const placementSchema = lazy((value: unknown) => {
  const kind: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'kind') : undefined
  return (typeof kind === 'string' && Object.hasOwn(schemas, kind) ? schemas[kind] : undefined) ?? unknownKind
}) as unknown as Schema<Placement>
