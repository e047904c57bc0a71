import { parts } from '../cards/parts'
import { zoneOf } from '../cards/card'
import { usualColours } from '../cards/usual-colours'
import type { Listing } from '../listing/definition'
import { colourText, contrastOf, over, readColour } from '../looks/colour'
import type { Colour } from '../looks/colour'
import { pixelsOf } from '../looks/length-pixels'
import { nearestReadable } from '../looks/readable'
import type { SiteValues } from '../looks/site-values'
import { shownColour } from '../looks/site-palette'
import type { ColourSet } from '../looks/site-palette'
import { valueAt, withValue } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { setAt } from '../looks/target-edits'
import type { StylePlace } from '../looks/target-edits'
import { states } from '../style/targets'
import type { State } from '../style/targets'
import { partsOn, wholeLook } from './define'
import type { Check, CheckedListing } from './define'

/** Contrast of text with its ground, and of text that is large (WCAG 2.2, 1.4.3). */
const [least, leastLarge] = [4.5, 3]
/** From here on letters are large, in CSS pixels: 18 pt (WCAG 2.2, its definition). */
const large = 24
/** In boxes that are wide. */
const width = 4000

/**
 * What a look writes on cards so that not all can read it: in each state, in each set of the palette that
 * pages may have. What lies over pictures is not told.
 */
export const faintText: Check = {
  name: 'faint-text',
  title: 'Hard to read',
  find(checked, { values }) {
    const whole = wholeLook(checked)
    if (whole.length === 0) return []
    return writtenOn(checked).flatMap(({ name, title, usual, ground }) => {
      const worst = placesOf(values)
        .flatMap((place) => faintAt(whole, { name, usual, ground }, place, values))
        .toSorted((one, other) => one.ratio - other.ratio)[0]
      if (worst === undefined) return []
      const { state, set, ratio, drawn } = worst
      const grounds = placesOf(values)
        .filter((one) => one.state === state)
        .flatMap((one) => groundsAt(whole, ground, one, values))
      const nearest = nearestReadable(drawn, grounds, least)
      return [
        {
          text: `${title} has ${rounded(ratio)} to 1 with its ground${whenWords[state ?? 'rest']}${setWords(set, values)}: ${least} is the least that all can read.`,
          mends: mendsOf(checked.listing, name, state, nearest),
          show: { part: name },
        },
      ]
    })
  },
}

interface Written {
  readonly name: string
  /** A colour of the palette; null for that of the card. */
  readonly usual: string | null
  /** The target whose ground it lies on, before that of the card. */
  readonly ground: string
}

/** What cards carry that is written on their ground. */
function writtenOn({ listing }: CheckedListing): readonly (Written & { readonly title: string })[] {
  return partsOn(listing.card).flatMap((setting) => {
    const { name, title, styled } = parts.get(setting.part)
    const usual = usualColours[styled]
    const zone = zoneOf(setting)
    if (usual === undefined || zone === 'over' || listing.shape.name === 'table') return []
    return [{ name, title, usual, ground: zone === 'foot' ? 'card-foot' : 'card-below' }]
  })
}

/** A state that a card is in, on pages of one set of the palette. */
interface Place {
  readonly state: State | null
  readonly set: ColourSet
}

function placesOf({ pages }: SiteValues): readonly Place[] {
  const sets: readonly ColourSet[] = pages === 'visitor' ? ['light', 'dark'] : [pages]
  return sets.flatMap((set) => [null, ...states].map((state) => ({ state, set })))
}

/** How faint something is there; nothing where it can be read, or where the look has no say in it. */
function faintAt(whole: Styles, { name, usual, ground }: Written, place: Place, values: SiteValues) {
  const as = { states: place.state === null ? [] : [place.state], width }
  const hasSay = [name, ground, 'card'].some((target) =>
    (['colour', 'ground', 'gradient', 'scheme'] as const).some(
      (property) => valueAt(whole, target, property, as) !== undefined,
    ),
  )
  if (!hasSay) return []
  const stated = valueAt(whole, name, 'colour', as) ?? usual ?? valueAt(whole, 'card', 'colour', as) ?? 'ink'
  const drawn = colourAt(stated, paletteOf(whole, name, place), values)
  const size = valueAt(whole, name, 'letterSize', as)
  const isLarge = size !== undefined && (pixelsOf(size, values.letterSizes) ?? 0) >= large
  const ratio = Math.min(
    ...groundsAt(whole, ground, place, values).map((below) =>
      drawn === null ? Infinity : contrastOf(drawn, below),
    ),
  )
  return drawn === null || ratio >= (isLarge ? leastLarge : least) ? [] : [{ ...place, ratio, drawn }]
}

/** The set of the palette that holds for something on cards. */
function paletteOf(whole: Styles, name: string, { state, set }: Place): ColourSet {
  const as = { states: state === null ? [] : [state], width }
  return valueAt(whole, name, 'scheme', as) ?? valueAt(whole, 'card', 'scheme', as) ?? set
}

/** The grounds that something lies on: the ends of a gradient, or the one colour. */
function groundsAt(whole: Styles, ground: string, place: Place, values: SiteValues): readonly Colour[] {
  const as = { states: place.state === null ? [] : [place.state], width }
  const paper = colourAt('paper', place.set, values) ?? { red: 1, green: 1, blue: 1, alpha: 1 }
  return ['card', ground].reduce<readonly Colour[]>(
    (below, target) => {
      const through = valueAt(whole, target, 'gradient', as)?.colours.map(({ colour }) => colour) ?? []
      const plain = valueAt(whole, target, 'ground', as)
      const stated = through.length > 0 ? through : plain === undefined ? [] : [plain]
      const drawn = stated.flatMap((one) => colourAt(one, paletteOf(whole, target, place), values) ?? [])
      return drawn.length === 0 ? below : drawn.flatMap((one) => below.map((under) => over(one, under)))
    },
    [paper],
  )
}

function colourAt(stated: string, set: ColourSet, { palette }: SiteValues): Colour | null {
  return readColour(shownColour(stated, palette, set))
}

const whenWords = {
  rest: '',
  pointed: ' where its card is pointed at',
  chosen: ' where it is chosen',
  focused: ' where its card holds the focus',
} as const

function setWords(set: ColourSet, { pages }: SiteValues): string {
  return pages === 'visitor' ? ` on ${set} pages` : ''
}

function rounded(ratio: number): string {
  return (Math.floor(ratio * 10) / 10).toFixed(1)
}

/**
 * The nearest colour that can be read on every ground that it has; where none can, as on light and on dark
 * pages, the colour that it had before the listing set one.
 */
function mendsOf(listing: Listing, target: string, state: State | null, nearest: Colour | null) {
  const place = { target, state, below: null }
  if (nearest !== null) return [mend('Take the nearest colour that can be read', place, colourText(nearest))]
  return setAt(listing.look.own, place).colour === undefined
    ? []
    : [mend('Put its colour back', place, undefined)]
}

function mend(title: string, place: StylePlace, colour: string | undefined) {
  return {
    title,
    edit: (before: Listing) => ({
      ...before,
      look: { ...before.look, own: withValue(before.look.own, place, 'colour', colour) },
    }),
  }
}
