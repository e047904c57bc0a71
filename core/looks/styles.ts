import { array, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { states } from '../style/targets'
import type { ShownState, State } from '../style/targets'
import { properties } from './properties'
import type { PropertyName, StyleValues } from './properties'

/** What is set of a target in a state, in boxes of some widths. */
export interface Styling {
  /** The name of the target; one that a listing has not is not there. */
  readonly target: string
  /** Null for at rest. */
  readonly state: State | null
  /** Of boxes narrower than so many CSS pixels; null for all. */
  readonly below: number | null
  readonly set: StyleValues
}

/** What a look sets, or a listing besides: each target, state and width once. */
export type Styles = readonly Styling[]

const mostStylings = 400
const widest = 4000

const setSchema = object(
  Object.fromEntries(
    properties.all.map(({ name, schema }) => [name, (schema as Schema<unknown>).optional()]),
  ),
).noUnknown('A look can’t set ${unknown}.')

const twiceWords = 'This target is set for this state and these widths already. Set it once.'

/** Reads styles; each target, state and width comes once. */
export const stylesSchema = array(
  object({
    target: string()
      .matches(/^[a-z][a-z\d-]{0,39}$/, 'The name of a target has small letters, digits and hyphens.')
      .required(),
    state: string<State>()
      .nullable()
      .oneOf([...states, null], 'A target is at rest, pointed at, chosen or focused.')
      .defined(),
    below: number().integer().min(1).max(widest).nullable().defined(),
    set: setSchema.required(),
  }).noUnknown(),
)
  .max(mostStylings, `A look sets ${mostStylings} things at most.`)
  .test('once', twiceWords, (all, { path, createError }) => {
    const names = ((all ?? []) as unknown as Styles).map(placeOf)
    const twice = names.findIndex((name, at) => names.indexOf(name) < at)
    return twice === -1 || createError({ path: `${path}[${twice}]`, message: twiceWords })
  })
  .required()

/** Reads styles. Faults carry the path of what is wrong (`[2].set.weight`). */
export function parseStyles(input: unknown): Parsed<Styles> {
  return parseWith<Styles>(stylesSchema as unknown as Schema<Styles>, input)
}

function placeOf({ target, state, below }: Omit<Styling, 'set'>): string {
  return `${target} ${state} ${below}`
}

/** What is seen of a target: the states that it is in, and how wide its listing's box is in CSS pixels. */
export interface SeenAs {
  readonly states: readonly State[]
  readonly width: number
}

/**
 * From what holds everywhere to what prevails: at rest first, then each state; in each of them narrower
 * boxes after wider ones.
 */
export function inOrder(styles: Styles): Styles {
  const rank = (state: State | null) => (state === null ? -1 : states.indexOf(state))
  return styles.toSorted(
    (one, other) =>
      rank(one.state) - rank(other.state) || (other.below ?? Infinity) - (one.below ?? Infinity),
  )
}

/** What a property of a target is set to as it is seen; undefined where it is inherited. */
export function valueAt<Name extends PropertyName>(
  styles: Styles,
  target: string,
  name: Name,
  seen: SeenAs,
): StyleValues[Name] {
  return prevailing(styles, target, name, seen)?.set[name]
}

function prevailing(
  styles: Styles,
  target: string,
  name: PropertyName,
  { states: held, width }: SeenAs,
): Styling | undefined {
  return inOrder(styles).findLast(
    (one) =>
      one.target === target &&
      one.set[name] !== undefined &&
      (one.state === null || held.includes(one.state)) &&
      (one.below === null || width < one.below),
  )
}

/** Where a value comes from: the site, a look, or the listing that departs from it. */
export type ValueSource = 'site' | 'look' | 'listing'

/** Where the value of a property comes from, as a target is seen. */
export function sourceOf(
  { look, own }: { readonly look: Styles; readonly own: Styles },
  target: string,
  name: PropertyName,
  seen: SeenAs,
): ValueSource {
  const found = prevailing(merged(look, own), target, name, seen)
  if (found === undefined) return 'site'
  const departs = own.some((one) => placeOf(one) === placeOf(found) && one.set[name] !== undefined)
  return departs ? 'listing' : 'look'
}

/** A look with what departs from it: of what both set, the departure holds. */
export function merged(look: Styles, own: Styles): Styles {
  const departures = new Map(own.map((one) => [placeOf(one), one]))
  const known = new Set(look.map(placeOf))
  return [
    ...look.map((one) => ({ ...one, set: { ...one.set, ...departures.get(placeOf(one))?.set } })),
    ...own.filter((one) => !known.has(placeOf(one))),
  ]
}

/**
 * What a listing's own styles must say beside those of its look so that what departs at rest does not
 * cover what the look says of a state: of each property that departs, all that holds of it.
 */
export function departing(look: Styles, own: Styles): Styles {
  const touched = new Set(
    own.flatMap(({ target, set }) => Object.keys(set).map((name) => `${target} ${name}`)),
  )
  return merged(look, own).flatMap((one) => {
    const kept = Object.entries(one.set).filter(([name]) => touched.has(`${one.target} ${name}`))
    return kept.length === 0 ? [] : [{ ...one, set: Object.fromEntries(kept) as StyleValues }]
  })
}

/** The styles with a property of a target set in a state, or put back for undefined. */
export function withValue<Name extends PropertyName>(
  styles: Styles,
  place: Omit<Styling, 'set'>,
  name: Name,
  value: StyleValues[Name],
): Styles {
  const at = placeOf(place)
  const before = styles.find((one) => placeOf(one) === at) ?? { ...place, set: {} }
  const others = Object.entries(before.set).filter(([own]) => own !== name)
  const stated = value === undefined ? others : [...others, [name, value]]
  const set = Object.fromEntries(stated) as StyleValues
  const rest = styles.filter((one) => placeOf(one) !== at)
  return Object.keys(set).length === 0 ? rest : [...rest, { ...place, set }]
}

/** The styles with a target at rest as it is in a state, to show that of what is not in it. */
export function shownIn(styles: Styles, { target, state }: ShownState): Styles {
  return inOrder(styles.filter((one) => one.target === target && one.state === state)).reduce(
    (before, { below, set }) =>
      Object.entries(set).reduce(
        (all, [name, value]) => atRest(all, { target, below }, name as PropertyName, value as never),
        before,
      ),
    styles,
  )
}

/** The styles with a value of a target at rest, also where that had another in narrower boxes. */
function atRest<Name extends PropertyName>(
  styles: Styles,
  { target, below }: Pick<Styling, 'target' | 'below'>,
  name: Name,
  value: StyleValues[Name],
): Styles {
  const narrower = styles.filter(
    (one) =>
      one.target === target &&
      one.state === null &&
      one.below !== null &&
      (below === null || one.below < below) &&
      one.set[name] !== undefined,
  )
  const bare = narrower.reduce((all, one) => withValue(all, one, name, undefined), styles)
  return withValue(bare, { target, state: null, below }, name, value)
}
