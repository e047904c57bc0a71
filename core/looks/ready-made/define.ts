import type { State } from '../../style/targets'
import type { StyleValues } from '../properties'
import type { ColourSet } from '../site-palette'
import type { StyleColour } from '../properties/values'
import type { Styles, Styling } from '../styles'

/** A look to begin with. */
export interface ReadyMadeLook {
  readonly name: string
  readonly title: string
  readonly styles: Styles
}

/** All of them as one: what is set of a thing in a state comes once. */
export function together(...all: readonly Styles[]): Styles {
  const places = new Map<string, Styling>()
  for (const one of all.flat()) {
    const place = `${one.target} ${one.state} ${one.below}`
    places.set(place, { ...one, set: { ...places.get(place)?.set, ...one.set } })
  }
  return [...places.values()]
}

/** What is set of several things, at rest or in a state, in boxes of every width. */
export function set(targets: string, values: StyleValues, state: State | null = null): Styles {
  return targets.split(' ').map((target) => ({ target, state, below: null, set: values }))
}

/** What stands in small letters on cards, whatever it tells. */
export const small = 'date author reading-time views comments likes facts field'

/** All four sides, or corners, of a box alike. */
export function inside(length: `${number}px`): StyleValues {
  return { 'inside-top': length, 'inside-end': length, 'inside-bottom': length, 'inside-start': length }
}

export function corners(length: `${number}px`): StyleValues {
  return {
    'corner-top-start': length,
    'corner-top-end': length,
    'corner-bottom-end': length,
    'corner-bottom-start': length,
  }
}

/** The upper corners of what stands at the top of a round card. */
export function upperCorners(length: `${number}px`): StyleValues {
  return {
    'corner-top-start': length,
    'corner-top-end': length,
    'corner-bottom-end': '0px',
    'corner-bottom-start': '0px',
  }
}

export function border(width: number, colour: StyleColour, line: 'solid' | 'dashed' = 'solid'): StyleValues {
  const side = { width, line, colour }
  return { 'border-top': side, 'border-end': side, 'border-bottom': side, 'border-start': side }
}

/**
 * Cards on a ground of their own: what lies over a picture lies on it too, so that its letters can have the
 * colours that they have elsewhere. What has none of its own is of the set that suits the ground.
 */
export function onGround(ground: StyleColour, letters: StyleColour, scheme: ColourSet): Styles {
  return together(
    set('card', { ground, colour: letters, scheme }),
    set('card-over', {
      gradient: { angle: 0, colours: [] },
      ground,
      colour: letters,
      'inside-top': '14px',
    }),
  )
}
