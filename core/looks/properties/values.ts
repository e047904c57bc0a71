import { number, string } from 'yup'
import type { Schema } from 'yup'
import { sitePalette } from '../site-palette'
import { stepProperty } from '../site-scales'
import type { Scale } from '../site-scales'
import { tokenName } from '../tokens/site-tokens'
import type { ValueKind } from './define'

export const lengthUnits = ['px', 'em', 'rem', '%'] as const
export type LengthUnit = (typeof lengthUnits)[number]
/** `21px`, `1.25em`: at most four digits before the point and three after it. */
export type Length = `${number}${LengthUnit}`
/** A length, or the name of a step of one of the site’s scales. */
export type StyleLength = string

const lengthForm = /^-?\d{1,4}(?:\.\d{1,3})?(?:px|em|rem|%)$/

/** What a length may be: in whole or parts of CSS pixels, and whether it may be of the box that it is in. */
interface LengthBounds {
  readonly least: number
  readonly most: number
  readonly percent?: boolean
  /** The scale of the site whose steps it may be named by. */
  readonly scale?: Scale
}

/** The values of a property and how they are read. */
interface Valued {
  readonly value: ValueKind
  readonly schema: Schema<unknown>
}

/** So many CSS pixels are reckoned for an em where no letters are known. */
const usualEm = 16

/** A length within bounds; those in em and rem as if letters were 16 px. */
export function lengthSchema({ least, most, percent = false, scale }: LengthBounds) {
  const units = percent ? 'px, em, rem or %' : 'px, em or rem'
  const named = scale === undefined ? '' : ', or one of the site’s scale'
  return string()
    .test(
      'length',
      `Give a length as a number with its unit: ${units}${named}.`,
      (text) => text === undefined || isLength(text) || (scale !== undefined && tokenName.test(text)),
    )
    .test('bounds', `Give a length from ${least} to ${most} px.`, (text) => {
      if (text === undefined || !isLength(text)) return true
      const { value, unit } = lengthParts(text)
      if (unit === '%') return percent && value >= (least < 0 ? -100 : 0) && value <= 100
      const pixels = unit === 'px' ? value : value * usualEm
      return pixels >= least && pixels <= most
    })
}

/** Lengths within bounds, as the values of a property. */
export function lengths({ least, most, percent = false, scale }: LengthBounds): Valued {
  return {
    value: { kind: 'length', least, most, percent, scale: scale ?? null },
    schema: lengthSchema({ least, most, percent, ...(scale === undefined ? {} : { scale }) }),
  }
}

/** Whether it is a length by itself, and no name of a step. */
export function isLength(text: StyleLength): text is Length {
  return lengthForm.test(text)
}

/** A length in a style sheet: steps of a scale are custom properties of the site. */
export function lengthCss(length: StyleLength, scale: Scale): string {
  return isLength(length) ? length : `var(${stepProperty(scale, length)})`
}

/** The number and the unit of a length. */
export function lengthParts(length: Length): { readonly value: number; readonly unit: LengthUnit } {
  const unit = lengthUnits.find((one) => length.endsWith(one)) ?? 'px'
  // An em ends as a rem does.
  const whole = length.endsWith('rem') ? 'rem' : unit
  return { value: Number(length.slice(0, -whole.length)), unit: whole }
}

/** `#a13d17`, `#a13d1780`, or the name of one of the site's palette. */
export type StyleColour = string

const hexForm = /^#(?:[\da-f]{6}|[\da-f]{8})$/

export function colourSchema() {
  return string().test(
    'colour',
    'Give a colour as #rrggbb, with two digits more for how much it covers, or one of the palette.',
    (text) => text === undefined || hexForm.test(text) || tokenName.test(text),
  )
}

/** Colours, as the values of a property. */
export function colourValues(): Valued {
  return { value: { kind: 'colour' }, schema: colourSchema() }
}

/** The custom property that a colour of the palette is in style sheets: none that anything else has. */
export function colourProperty(name: string): string {
  return sitePalette.some((one) => one.name === name) ? `--${name}` : `--of-site-${name}`
}

/** A colour in a style sheet: those of the palette are custom properties of the site. */
export function colourCss(colour: StyleColour): string {
  return colour.startsWith('#') ? colour : `var(${colourProperty(colour)})`
}

/** A whole number within bounds. */
export function wholeSchema(least: number, most: number) {
  const words = `Give a whole number from ${least} to ${most}.`
  return number().integer(words).min(least, words).max(most, words)
}

/** Whole numbers within bounds, as the values of a property. */
export function wholes(least: number, most: number, unit = ''): Valued {
  return { value: { kind: 'number', least, most, step: 1, unit }, schema: wholeSchema(least, most) }
}

/** One of a few, as the values of a property. */
export function oneOf(choices: readonly string[]): Valued {
  return { value: { kind: 'choice', choices }, schema: string().oneOf([...choices]) }
}

/**
 * How far something covers what is below it, of which both what it is set to and whether it appears have a
 * say: two numbers of its own, 1 where nothing is said, which nothing within it inherits.
 */
export const seenThrough = { opacity: 'calc(var(--covers) * var(--seen))' } as const
