import { withValue } from '../looks/styles'
import type { Finding } from './define'
import { faintText } from './faint-text'

/** A text of a fitting that its look sets something of, as it was measured on the page. */
export interface MeasuredText {
  /** Of the target. */
  readonly name: string
  readonly title: string
  /** Its contrast with its ground, and the least that all can read (WCAG 2.2, 1.4.3). */
  readonly ratio: number
  readonly least: number
  /** The nearest colour that can be read there, as `#rrggbb`; null where there is none, or it can be. */
  readonly nearest: string | null
}

/** A styled fitting where it stands on the page. */
export interface CheckedFitting {
  readonly placement: string
  readonly texts: readonly MeasuredText[]
}

/** What of a fitting is written so that not all can read it. */
export function faintOnFitting({ placement, texts }: CheckedFitting): readonly Finding[] {
  return texts
    .filter(({ ratio, least }) => ratio < least)
    .map(({ name, title, ratio, least, nearest }) => ({
      check: faintText.name,
      placement,
      text: `${title} has ${(Math.floor(ratio * 10) / 10).toFixed(1)} to 1 with its ground: ${least} is the least that all can read.`,
      mends: [],
      restyles:
        nearest === null
          ? []
          : [
              {
                title: 'Take the nearest colour that can be read',
                restyle: (before) =>
                  withValue(before, { target: name, state: null, below: null }, 'colour', nearest),
              },
            ],
      show: {},
    }))
}
