import { parts } from '../cards/parts'
import { zoneOf } from '../cards/card'
import { usualColours, usualOverPictures } from '../cards/usual-colours'
import type { Listing } from '../listing/definition'
import { colourText, contrastOf, over, readColour } from '../looks/colour'
import type { Colour } from '../looks/colour'
import { gradientColours } from '../looks/gradient-colours'
import type { BoxPart } from '../looks/gradient-colours'
import { pixelsOf } from '../looks/length-pixels'
import { nearestReadable } from '../looks/readable'
import { coloursOf } from '../looks/shades'
import type { SiteValues } from '../looks/site-values'
import type { GroundPicture } from '../looks/properties/grounds'
import { shownColour } from '../looks/site-palette'
import type { ColourSet } from '../looks/site-palette'
import { valueAt, withValue } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { setAt } from '../looks/target-edits'
import type { StylePlace } from '../looks/target-edits'
import { states } from '../style/targets'
import type { State } from '../style/targets'
import { partsOn, wholeLook } from './define'
import type { Check, CheckedListing, OverPicture } from './define'

/** Contrast of text with its ground, and of text that is large (WCAG 2.2, 1.4.3). */
const [least, leastLarge] = [4.5, 3]
/** From here on letters are large, in CSS pixels: 18 pt (WCAG 2.2, its definition). */
const large = 24
/** In boxes that are wide. */
const width = 4000

/**
 * What a look writes on cards so that not all can read it: in each state, in each set of the palette that
 * pages may have, on colours and gradients, and on pictures by the worst that they have where it lies.
 */
export const faintText: Check = {
  name: 'faint-text',
  title: 'Hard to read',
  find(checked, { values }) {
    const whole = wholeLook(checked)
    if (whole.length === 0) return []
    return writtenOn(checked).flatMap((written) => {
      const { name, title } = written
      const worst = placesOf(values)
        .flatMap((place) => faintAt(whole, written, place, values))
        .toSorted((one, other) => one.ratio - other.ratio)[0]
      if (worst === undefined) return []
      const { state, set, ratio, drawn } = worst
      const grounds = placesOf(values)
        .filter((one) => one.state === state)
        .flatMap((one) => groundsAt(whole, written, one, values))
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
  /** What was measured of it, where it lies over pictures. */
  readonly over: OverPicture | null
}

/** What cards carry that is written on their ground, or over their pictures, as far as that was measured. */
function writtenOn({
  listing,
  over = {},
}: CheckedListing): readonly (Written & { readonly title: string })[] {
  return partsOn(listing.card).flatMap((setting): readonly (Written & { readonly title: string })[] => {
    const { name, title, styled } = parts.get(setting.part)
    const usual = usualColours[styled]
    const zone = zoneOf(setting)
    if (usual === undefined || listing.shape.name === 'table') return []
    if (zone !== 'over')
      return [{ name, title, usual, ground: zone === 'foot' ? 'card-foot' : 'card-below', over: null }]
    const measured = over[name]
    return measured === undefined ? [] : [{ name, title, usual: null, ground: 'card-over', over: measured }]
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
function faintAt(whole: Styles, written: Written, place: Place, values: SiteValues) {
  const { name, usual, ground, over: isOver } = written
  const as = { states: place.state === null ? [] : [place.state], width }
  const below = isOver === null ? 'card' : 'card-over'
  const hasSay = [name, ground, below].some((target) =>
    (['colour', 'ground', 'ground-picture', 'gradient', 'scheme'] as const).some(
      (property) => valueAt(whole, target, property, as) !== undefined,
    ),
  )
  if (!hasSay) return []
  const inherited = isOver === null ? 'ink' : usualOverPictures.colour
  const stated =
    valueAt(whole, name, 'colour', as) ?? usual ?? valueAt(whole, below, 'colour', as) ?? inherited
  const drawn = colourAt(stated, paletteOf(whole, name, place), values)
  const size = valueAt(whole, name, 'letterSize', as)
  const isLarge = size !== undefined && (pixelsOf(size, values.letterSizes) ?? 0) >= large
  const ratio = Math.min(
    ...groundsAt(whole, written, place, values).map((one) =>
      drawn === null ? Infinity : contrastOf(drawn, one),
    ),
  )
  return drawn === null || ratio >= (isLarge ? leastLarge : least) ? [] : [{ ...place, ratio, drawn }]
}

/** The set of the palette that holds for something on cards. */
function paletteOf(whole: Styles, name: string, { state, set }: Place): ColourSet {
  const as = { states: state === null ? [] : [state], width }
  return valueAt(whole, name, 'scheme', as) ?? valueAt(whole, 'card', 'scheme', as) ?? set
}

/** The grounds that something lies on: a colour, over it the shades of a picture, a gradient over both. */
function groundsAt(
  whole: Styles,
  { ground, over: measured }: Written,
  place: Place,
  values: SiteValues,
): readonly Colour[] {
  const as = { states: place.state === null ? [] : [place.state], width }
  const paper = colourAt('paper', place.set, values) ?? { red: 1, green: 1, blue: 1, alpha: 1 }
  const [begin, targets] =
    measured === null ? ([[paper], ['card', ground]] as const) : ([coloursOf(measured), [ground]] as const)
  return targets.reduce<readonly Colour[]>((below, target) => {
    const plain = valueAt(whole, target, 'ground', as)
    const picture = valueAt(whole, target, 'ground-picture', as)
    const usual = measured === null ? undefined : usualOverPictures.veil
    const gradient = valueAt(whole, target, 'gradient', as) ?? usual
    const inSet = (stated: string) => {
      const drawn = colourAt(stated, paletteOf(whole, target, place), values)
      return drawn === null ? [] : [drawn]
    }
    const stops = (gradient?.colours ?? []).flatMap(({ colour, at }) =>
      inSet(colour).map((one) => ({ colour: one, at })),
    )
    const through =
      gradient === undefined || stops.length === 0
        ? []
        : gradientColours(gradient.angle, stops, measured ?? wholeBox)
    return [plain === undefined ? [] : inSet(plain), shadesOf(picture), through].reduce(layered, below)
  }, begin)
}

/** What is written on a ground may stand anywhere on it. */
const wholeBox: BoxPart = { across: [0, 1], down: [0, 1] }

/** What lies below, with each of the colours of a layer over it; a layer of none changes nothing. */
function layered(below: readonly Colour[], layer: readonly Colour[]): readonly Colour[] {
  return layer.length === 0 ? below : layer.flatMap((one) => below.map((under) => over(one, under)))
}

/** The darkest and the lightest that a picture behind something has. */
function shadesOf(picture: GroundPicture | undefined): readonly Colour[] {
  return picture === undefined || picture.picture === null ? [] : coloursOf(picture)
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
