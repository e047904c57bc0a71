import { array, object } from 'yup'
import { defineProperty } from './define'
import { groundLayers, groundPicture } from './grounds'
import { colourCss, colourSchema, colourValues, oneOf, seenThrough, wholeSchema, wholes } from './values'
import type { StyleColour } from './values'

/**
 * Colours from one side to the other; `angle` in degrees, 0 to the top and on clockwise (CSS Images 3, 3.1),
 * `at` in percent of the way. No colours are no gradient.
 */
export interface Gradient {
  readonly angle: number
  readonly colours: readonly { readonly colour: StyleColour; readonly at: number }[]
}

const heading = 'colour'
/** Which set of the palette something has with all that it holds, whatever the page around it has. */
export const colourSets = ['light', 'dark'] as const
const manyColours = 'A gradient goes through two to six colours, or is none.'

export const colours = [
  defineProperty<'colour', StyleColour>({
    name: 'colour',
    title: 'Colour',
    heading,
    ...colourValues(),
    css: (colour) => ({ color: colourCss(colour) }),
  }),
  defineProperty<'ground', StyleColour>({
    name: 'ground',
    title: 'Ground',
    heading,
    ...colourValues(),
    css: (colour) => ({ 'background-color': colourCss(colour) }),
  }),
  defineProperty<'gradient', Gradient>({
    name: 'gradient',
    title: 'Gradient',
    heading,
    value: { kind: 'gradient' },
    schema: object({
      angle: wholeSchema(0, 360).required(),
      colours: array(
        object({ colour: colourSchema().required(), at: wholeSchema(0, 100).required() }).noUnknown(),
      )
        .max(6, manyColours)
        .test('several', manyColours, (all) => all?.length !== 1)
        .defined(),
    }).noUnknown(),
    css: (gradient) => ({ '--gradient': gradientCss(gradient), ...groundLayers }),
  }),
  groundPicture,
  defineProperty<'covers', number>({
    name: 'covers',
    title: 'Covers',
    heading,
    ...wholes(0, 100, '%'),
    css: (percent) => ({ '--covers': String(percent / 100), ...seenThrough }),
  }),
  defineProperty<'scheme', (typeof colourSets)[number]>({
    name: 'scheme',
    title: 'Palette',
    heading,
    ...oneOf(colourSets),
    css: (set) => ({ 'color-scheme': set }),
  }),
] as const

function gradientCss({ angle, colours: through }: Gradient): string {
  if (through.length === 0) return 'none'
  const stops = through.map(({ colour, at }) => `${colourCss(colour)} ${at}%`)
  return `linear-gradient(${angle}deg,${stops.join(',')})`
}
