import { properties } from '../looks/properties'
import type { PropertyName } from '../looks/properties'
import { readColour } from '../looks/colour'
import { shownColour } from '../looks/site-palette'
import { merged, valueAt, withValue } from '../looks/styles'
import type { SeenAs, Styles, Styling } from '../looks/styles'
import { same } from '../same'
import { states } from '../style/targets'
import type { State, StyleTarget } from '../style/targets'
import type { Restyle } from './define'
import type { StyleCheck, StyleFinding } from './styles'

/** What is set of how something looks, and nothing comes of it. */
export const idleStyles: StyleCheck = {
  name: 'idle-styles',
  title: 'Set, but not seen',
  find({ own, followed, targets, known }) {
    return own.flatMap((styling) => {
      const target = targets.find(({ name }) => name === styling.target)
      if (target === undefined) return [missing(styling, known)]
      return (Object.keys(styling.set) as PropertyName[]).flatMap((name) => {
        const why = idleBy(followed, own, styling, name)
        if (why === null) return []
        const title = properties.get(name).title.toLowerCase()
        return [
          {
            text: `The ${title} of ${target.title.toLowerCase()} is not seen: ${why}.`,
            restyles: [putBack(styling, [name])],
            target: styling.target,
          },
        ]
      })
    })
  },
}

function missing(styling: Styling, known: readonly StyleTarget[]): StyleFinding {
  const title = known.find(({ name }) => name === styling.target)?.title.toLowerCase()
  return {
    text: `Something is set of ${title === undefined ? 'what it' : `${title}, which it`} has not.`,
    restyles: [putBack(styling, Object.keys(styling.set) as PropertyName[])],
    target: null,
  }
}

/** Why nothing comes of a value; null where something does, as far as the styles tell. */
function idleBy(followed: Styles, own: Styles, styling: Styling, name: PropertyName): string | null {
  if (name === 'ground' && isCovering(gradientAt(merged(followed, own), styling)))
    return 'its gradient covers it'
  const theirs = setting(followed, styling.target, name)
  const ours = setting(own, styling.target, name)
  const whole = merged(theirs, ours)
  const without = merged(theirs, withValue(ours, styling, name, undefined))
  const isSame = seenAs(whole).every((seen) =>
    same(valueAt(whole, styling.target, name, seen), valueAt(without, styling.target, name, seen)),
  )
  return isSame ? 'it would be the same without it' : null
}

/** What styles set of one property of a target, all that decides how that is seen. */
function setting(styles: Styles, target: string, name: PropertyName): Styles {
  return styles.flatMap((one) =>
    one.target === target && one.set[name] !== undefined ? [{ ...one, set: { [name]: one.set[name] } }] : [],
  )
}

/** Everything in which something is seen otherwise: each state, and boxes on both sides of each width. */
function seenAs(styles: Styles): readonly SeenAs[] {
  const widths = [Infinity, ...styles.flatMap(({ below }) => (below === null ? [] : [below - 1]))]
  const held = states.reduce<readonly (readonly State[])[]>(
    (all, state) => [...all, ...all.map((those) => [...those, state])],
    [[]],
  )
  return [...new Set(widths)].flatMap((width) => held.map((those) => ({ states: those, width })))
}

/** The gradient of a target at the place of a styling. */
function gradientAt(whole: Styles, { target, state, below }: Styling) {
  const width = below === null ? Infinity : below - 1
  return valueAt(whole, target, 'gradient', { states: state === null ? [] : [state], width })
}

/** Whether nothing of what lies below a gradient is seen. */
function isCovering(gradient: Styling['set']['gradient']): boolean {
  const colours = gradient?.colours ?? []
  return (
    colours.length > 0 && colours.every(({ colour }) => (readColour(shownColour(colour))?.alpha ?? 1) === 1)
  )
}

function putBack(styling: Styling, names: readonly PropertyName[]): Restyle {
  return {
    title: 'Put it back',
    restyle: (before) => names.reduce((own, name) => withValue(own, styling, name, undefined), before),
  }
}
