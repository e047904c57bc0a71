import { withValue } from '../looks/styles'
import type { ColourSet } from '../looks/site-palette'
import type { State } from '../style/targets'
import type { Finding, Restyle } from './define'
import { faintText } from './faint-text'
import { ofListing } from './styles'

/** A text that a look sets something of, as it was measured on the page. */
export interface MeasuredText {
  /** Of the target. */
  readonly name: string
  readonly title: string
  /** The state that it was in; null for at rest. */
  readonly state: State | null
  /** The set of colours that the page had; null where it has but one. */
  readonly set: ColourSet | null
  /** Its contrast with its ground, and the least that all can read (WCAG 2.2, 1.4.3). */
  readonly ratio: number
  readonly least: number
  /** The nearest colour that can be read there in every set, as looks say it; null where there is none, or it can be. */
  readonly nearest: string | null
}

/** What was measured of a listing or a fitting where it stands; of a listing, what is no part of its cards. */
export interface CheckedTexts {
  readonly placement: string
  readonly of: 'listing' | 'fitting'
  readonly texts: readonly MeasuredText[]
}

/** What of it is written so that not all can read it: each thing once, as it is hardest to read. */
export function faintTexts({ placement, of, texts }: CheckedTexts): readonly Finding[] {
  const faint = texts
    .filter(({ ratio, least }) => ratio < least)
    .toSorted((one, other) => one.ratio / one.least - other.ratio / other.least)
  const worst = faint.filter(({ name }, at) => faint.findIndex((one) => one.name === name) === at)
  return worst.map((text) => ({
    check: faintText.name,
    placement,
    text: told(text),
    ...(of === 'listing'
      ? { mends: restylesOf(text).map(ofListing) }
      : { mends: [], restyles: restylesOf(text) }),
    show: {},
  }))
}

function told({ title, state, set, ratio, least }: MeasuredText): string {
  const seen = `${stateWords[state ?? 'rest']}${set === null ? '' : ` on ${set} pages`}`
  return `${title} has ${(Math.floor(ratio * 10) / 10).toFixed(1)} to 1 with its ground${seen}: ${least} is the least that all can read.`
}

const stateWords = {
  rest: '',
  pointed: ' where it is pointed at',
  chosen: ' where it is chosen',
  focused: ' where it holds the focus',
} as const

function restylesOf({ name: target, state, nearest }: MeasuredText): readonly Restyle[] {
  if (nearest === null) return []
  const restyle: Restyle['restyle'] = (before) =>
    withValue(before, { target, state, below: null }, 'colour', nearest)
  return [{ title: 'Take the nearest colour that can be read', restyle }]
}
