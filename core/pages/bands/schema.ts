import { array, lazy, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { placementSchema } from '../placement-schema'
import { bandReaches, pageRanges } from './definition'
import type { Band, BandBackground } from './definition'

const whole = (least: number, most: number, message: string) =>
  number().integer(message).min(least, message).max(most, message).required(message)

const colour = string()
  .matches(/^#[0-9a-f]{6}$/, 'A colour is written as # and six digits from 0 to f.')
  .required()
const space = whole(0, 240, 'The space above and below is 0 to 240 pixels.')

const backgrounds: Readonly<Record<BandBackground['is'], Schema>> = {
  none: object({ is: string().oneOf(['none']).required() })
    .noUnknown()
    .required(),
  colour: object({ is: string().oneOf(['colour']).required(), colour })
    .noUnknown()
    .required(),
  picture: object({
    is: string().oneOf(['picture']).required(),
    picture: number().integer().positive('A picture is named by its number.').required(),
    colour,
    veil: whole(0, 100, 'The veil is 0 to 100 per cent strong.'),
  })
    .noUnknown()
    .required(),
}

const background = lazy((value: unknown) => {
  const is: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
  return is === 'colour' || is === 'picture' ? backgrounds[is] : backgrounds.none
}) as unknown as Schema<BandBackground>

const column = object({
  parts: whole(1, 6, 'A column is 1 to 6 parts wide.'),
  placements: array(placementSchema).required(),
})
  .noUnknown()
  .required()

const band = object({
  id: whole(1, 1_000_000, 'A band has a whole number from 1.'),
  reach: string().oneOf(bandReaches).required(),
  above: space,
  below: space,
  background,
  hiddenAt: array(string().oneOf(pageRanges).required()).max(pageRanges.length).required(),
  columns: array(column).min(1, 'A band has a column.').max(4, 'A band has at most 4 columns.').required(),
})
  .noUnknown()
  .required()

/** Checks the bands of an area. */
export const bandsSchema: Schema<readonly Band[] | undefined> = array(band).max(
  40,
  'An area has at most 40 bands.',
) as unknown as Schema<readonly Band[] | undefined>
