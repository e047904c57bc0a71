import fc from 'fast-check'
import type { StyleValues } from '~~/core/looks/properties'
import { colourSets } from '~~/core/looks/properties/colours'
import { appearings } from '~~/core/looks/properties/motion'
import { groundFits } from '~~/core/looks/properties/grounds'
import { borderLines } from '~~/core/looks/properties/edges'
import { fontUses } from '~~/core/looks/fonts/site-fonts'
import { cases, decorations, slants } from '~~/core/looks/properties/letters'
import { corners, sides } from '~~/core/looks/properties/sides'
import type { Length, StyleLength } from '~~/core/looks/properties/values'
import { siteScales } from '~~/core/looks/site-scales'
import type { Scale } from '~~/core/looks/site-scales'
import type { Styles } from '~~/core/looks/styles'
import type { OwnCss } from '~~/core/looks/own-css/own-css'
import { states } from '~~/core/style/targets'

/** To the limits of what each may be, and no further. */
const whole = (min: number, max: number) => fc.integer({ min, max })

const thousandths = (value: number) => Math.round(value * 1000) / 1000

/** Lengths from so many CSS pixels to so many, in each unit that they may have. */
function lengths(least: number, most: number, percent = false): fc.Arbitrary<Length> {
  const inPixels = whole(least, most)
  return fc.oneof(
    inPixels.map((value): Length => `${value}px`),
    inPixels.map((value): Length => `${thousandths(value / 16)}em`),
    inPixels.map((value): Length => `${thousandths(value / 16)}rem`),
    ...(percent ? [whole(0, 100).map((value): Length => `${value}%`)] : []),
  )
}

/** Lengths, or steps of a scale of the site: those that there are, and one that is gone. */
function scaled(scale: Scale, least: number, most: number): fc.Arbitrary<StyleLength> {
  const names = siteScales[scale].map(({ name }) => name)
  return fc.oneof({ weight: 3, arbitrary: lengths(least, most) }, fc.constantFrom(...names, 'gone'))
}

const palette = ['ink', 'soft', 'paper', 'line', 'accent', 'leaf'] as const

export const styleColours = fc.oneof(
  fc.constantFrom(...palette),
  whole(0, 0xffffff).map((value) => `#${value.toString(16).padStart(6, '0')}`),
  whole(0, 0xffffffff).map((value) => `#${value.toString(16).padStart(8, '0')}`),
)

const stops = fc.array(fc.record({ colour: styleColours, at: whole(0, 100) }), { minLength: 2, maxLength: 6 })

const border = fc.record({ width: whole(0, 40), line: fc.constantFrom(...borderLines), colour: styleColours })

/** Values of each property, by its name. */
const values = {
  family: fc.constantFrom(...fontUses, 'outfit'),
  letterSize: scaled('letterSizes', 6, 200),
  weight: whole(1, 1000),
  slant: fc.constantFrom(...slants),
  case: fc.constantFrom(...cases),
  lineHeight: whole(800, 4000).map((value) => value / 1000),
  letterSpacing: lengths(-10, 40),
  decoration: fc.constantFrom(...decorations),
  colour: styleColours,
  ground: styleColours,
  gradient: fc.record({ angle: whole(0, 360), colours: fc.oneof(fc.constant([]), stops) }),
  'ground-picture': fc.record({
    picture: fc.option(whole(1, 99)),
    source: fc.constantFrom('', '/media/0123456789abcdef/1600'),
    fit: fc.constantFrom(...groundFits),
    across: whole(0, 100),
    down: whole(0, 100),
    darkest: whole(0, 255),
    lightest: whole(0, 255),
  }),
  covers: whole(0, 100),
  scheme: fc.constantFrom(...colourSets),
  ...Object.fromEntries(sides.map(({ name }) => [`outside-${name}`, scaled('spaces', -200, 400)])),
  ...Object.fromEntries(sides.map(({ name }) => [`inside-${name}`, scaled('spaces', 0, 400)])),
  ...Object.fromEntries(sides.map(({ name }) => [`border-${name}`, border])),
  ...Object.fromEntries(corners.map(({ name }) => [`corner-${name}`, lengths(0, 400, true)])),
  shadow: fc.record({
    right: whole(-100, 100),
    down: whole(-100, 100),
    blur: whole(0, 200),
    spread: whole(-100, 100),
    colour: styleColours,
    inside: fc.boolean(),
  }),
  'least-width': lengths(0, 2000, true),
  'most-width': lengths(0, 2000, true),
  'least-height': lengths(0, 2000, true),
  'most-height': lengths(0, 2000, true),
  filter: fc.record({
    brightness: whole(0, 300),
    contrast: whole(0, 300),
    colourful: whole(0, 300),
    grey: whole(0, 100),
    sepia: whole(0, 100),
    turn: whole(-180, 180),
    blur: whole(0, 40),
  }),
  glide: whole(0, 2000),
  appears: fc.constantFrom(...appearings),
}

/** The names of the properties of which values are made. */
export const styledProperties = Object.keys(values)

export const styleValues = fc.record(values, { requiredKeys: [] }) as unknown as fc.Arbitrary<StyleValues>

/** Styles of these targets, each place once, for boxes of all widths or narrower than one of these. */
export function styles(targets: readonly string[], below: readonly number[]): fc.Arbitrary<Styles> {
  return fc.uniqueArray(
    fc.record({
      target: fc.constantFrom(...targets),
      state: fc.constantFrom(null, ...states),
      below: fc.constantFrom(null, ...below),
      set: styleValues,
    }),
    { selector: ({ target, state, below: width }) => `${target} ${state} ${width}`, maxLength: 12 },
  )
}

/** Own CSS as it may be typed, good or bad. */
export const ownCss: fc.Arbitrary<OwnCss> = fc.record({
  text: fc.oneof(fc.constantFrom('', ':--title { color: red }', 'a { colr: '), fc.string({ unit: 'binary' })),
  isOn: fc.boolean(),
})
