import type { Parsed } from '../../parsing'
import { registryOf } from '../../registry'
import type { Registry } from '../../registry'
import { choice } from './choice'
import { colour } from './colour'
import { date } from './date'
import { dateTime } from './date-time'
import type { FieldType } from './define'
import { duration } from './duration'
import { file } from './file'
import { link } from './link'
import { longText } from './long-text'
import { money } from './money'
import { numberField } from './number'
import { pictureField } from './picture'
import { pictures } from './pictures'
import { place } from './place'
import { rating } from './rating'
import { recurrence } from './recurrence'
import { reference } from './reference'
import { richText } from './rich-text'
import { shortText } from './short-text'
import { yesNo } from './yes-no'
import { zoneField } from './zone'

const all = [
  shortText,
  longText,
  richText,
  numberField,
  money,
  yesNo,
  date,
  dateTime,
  choice,
  link,
  pictureField,
  pictures,
  file,
  place,
  duration,
  rating,
  reference,
  recurrence,
  colour,
  zoneField,
] as const

export type FieldTypeName = (typeof all)[number]['name']

/** A field type as the registry hands it out: callers pass settings and values of the type's own only. */
export type AnyFieldType = FieldType<FieldTypeName, unknown, unknown>

/** Every type of field. A new one is a file beside these, an input in app/content/inputs and a line here. */
export const fieldTypes: Registry<AnyFieldType> = registryOf(
  'field type',
  all as unknown as readonly AnyFieldType[],
)

/** Whether a form's value counts as left empty. */
export function isBlank(value: unknown): boolean {
  return value === null || value === undefined || value === '' || (Array.isArray(value) && value.length === 0)
}

/** What a conversion between two types makes of a value, by way of its text. */
export function convertValue(
  value: unknown,
  from: { readonly type: FieldTypeName; readonly settings: unknown },
  to: { readonly type: FieldTypeName; readonly settings: unknown },
  place: { readonly locale: string; readonly zone: string },
): Parsed<unknown> {
  const target = fieldTypes.get(to.type)
  const direct = target.parse(value, to.settings)
  if (from.type === to.type || (direct.ok && sameForm.has(`${from.type} ${to.type}`))) return direct
  return target.read(fieldTypes.get(from.type).write(value, from.settings, place), to.settings, place)
}

/** Pairs whose values are of one form, so that nothing need pass through text. */
const sameForm = new Set(['short-text long-text', 'number rating', 'rating number', 'picture file'])
