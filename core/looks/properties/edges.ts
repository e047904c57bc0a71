import { boolean, object, string } from 'yup'
import { px } from '../../style/rules'
import { defineProperty } from './define'
import { corners, sides } from './sides'
import { colourCss, colourSchema, lengths, wholeSchema } from './values'
import type { Length, StyleColour } from './values'

export const borderLines = ['solid', 'dashed', 'dotted', 'double'] as const

/** The border of a side; 0 wide for none. `width` in CSS pixels. */
export interface Border {
  readonly width: number
  readonly line: (typeof borderLines)[number]
  readonly colour: StyleColour
}

/** A shadow; all lengths in CSS pixels. */
export interface Shadow {
  readonly right: number
  readonly down: number
  readonly blur: number
  readonly spread: number
  readonly colour: StyleColour
  readonly inside: boolean
}

const heading = 'edge'

const borders = sides.map((side) =>
  defineProperty<`border-${typeof side.name}`, Border>({
    name: `border-${side.name}`,
    title: `Border, ${side.title}`,
    heading,
    together: 'Border',
    value: { kind: 'border' },
    schema: object({
      width: wholeSchema(0, 40).required(),
      line: string()
        .oneOf([...borderLines])
        .required(),
      colour: colourSchema().required(),
    }).noUnknown(),
    css: ({ width, line, colour }) => ({
      [`border-${side.css}-width`]: px(width),
      [`border-${side.css}-style`]: line,
      [`border-${side.css}-color`]: colourCss(colour),
    }),
  }),
)

const rounded = corners.map((corner) =>
  defineProperty<`corner-${typeof corner.name}`, Length>({
    name: `corner-${corner.name}`,
    title: `Corner, ${corner.title}`,
    heading,
    together: 'Corners',
    ...lengths({ least: 0, most: 400, percent: true }),
    css: (length) => ({ [`border-${corner.css}-radius`]: length }),
  }),
)

const shadow = defineProperty<'shadow', Shadow>({
  name: 'shadow',
  title: 'Shadow',
  heading,
  value: { kind: 'shadow' },
  schema: object({
    right: wholeSchema(-100, 100).required(),
    down: wholeSchema(-100, 100).required(),
    blur: wholeSchema(0, 200).required(),
    spread: wholeSchema(-100, 100).required(),
    colour: colourSchema().required(),
    inside: boolean().required(),
  }).noUnknown(),
  css: ({ right, down, blur, spread, colour, inside }) => ({
    'box-shadow': [
      ...(inside ? ['inset'] : []),
      ...[right, down, blur, spread].map(px),
      colourCss(colour),
    ].join(' '),
  }),
})

export const edges = [...borders, ...rounded, shadow] as const
