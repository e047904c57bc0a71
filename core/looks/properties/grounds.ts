import { number, object, string } from 'yup'
import type { Shades } from '../shades'
import { defineProperty } from './define'
import type { Declarations } from './define'
import { wholeSchema } from './values'

/** How a picture fills what it lies behind: all of it, all of itself, or over and over at its own size. */
export const groundFits = ['fill', 'whole', 'tiles'] as const
export type GroundFit = (typeof groundFits)[number]

/** A picture behind something; `picture` is null for none. */
export interface GroundPicture extends Shades {
  /** The id of the stored picture. */
  readonly picture: number | null
  /** The address of what is shown of it; empty for none. */
  readonly source: string
  readonly fit: GroundFit
  /** The point that stays in sight, in percent from the left and from the top. */
  readonly across: number
  readonly down: number
}

export const noGroundPicture: GroundPicture = {
  picture: null,
  source: '',
  fit: 'fill',
  across: 50,
  down: 50,
  darkest: 255,
  lightest: 255,
}

/** As pictures are addressed; nothing that ends the function it stands in. */
const sourceForm = /^(?:\/media\/[\da-f]{16,64}\/[1-9]\d{0,4})?$/

/**
 * A gradient lies over a picture (CSS Backgrounds 3, 2.3), and each is set without the other: they come
 * together by two custom properties, which nothing within inherits.
 */
export const groundLayers: Declarations = {
  'background-image': 'var(--gradient,none),var(--ground-picture,none)',
}

const fitCss: Readonly<Record<GroundFit, Declarations>> = {
  fill: { 'background-size': 'auto,cover', 'background-repeat': 'repeat,no-repeat' },
  whole: { 'background-size': 'auto,contain', 'background-repeat': 'repeat,no-repeat' },
  tiles: { 'background-size': 'auto,auto', 'background-repeat': 'repeat,repeat' },
}

export const groundPicture = defineProperty<'ground-picture', GroundPicture>({
  name: 'ground-picture',
  title: 'Picture behind',
  heading: 'colour',
  value: { kind: 'ground picture' },
  schema: object({
    picture: number().integer().min(1).nullable().defined(),
    source: string().defined().matches(sourceForm, 'A picture is shown from where the site keeps it.'),
    fit: string<GroundFit>()
      .oneOf([...groundFits])
      .required(),
    across: wholeSchema(0, 100).required(),
    down: wholeSchema(0, 100).required(),
    darkest: wholeSchema(0, 255).required(),
    lightest: wholeSchema(0, 255).required(),
  }).noUnknown(),
  css: ({ source, fit, across, down }) => ({
    '--ground-picture': source === '' ? 'none' : `url(${source})`,
    ...groundLayers,
    ...fitCss[fit],
    'background-position': `0% 0%,${across}% ${down}%`,
  }),
})
