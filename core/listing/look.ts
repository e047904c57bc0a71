import { object } from 'yup'
import { shownIn, stylesSchema } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { compiled } from '../looks/compile'
import { layerCss } from '../style/rules'
import type { State } from '../style/targets'
import type { Listing } from './definition'
import { targetsOf } from './targets'

/** How a listing looks: what is set of it besides the styles of the site. */
export interface Look {
  readonly own: Styles
}

export const defaultLook: Look = { own: [] }

export const lookSchema = object({ own: stylesSchema.optional() }).noUnknown()

/** Things that are named in the sentence; more are counted. */
const mostNamed = 3

/** The clause in words: “the site’s look”, “the site’s look, with title and card of its own”. */
export function lookPhrase(listing: Pick<Listing, 'shape' | 'card' | 'look'>, locale: string): string {
  const set = new Set(
    listing.look.own.filter(({ set: all }) => Object.keys(all).length > 0).map(({ target }) => target),
  )
  const titles = targetsOf(listing)
    .filter(({ name }) => set.has(name))
    .map(({ title }) => `${title.slice(0, 1).toLocaleLowerCase(locale)}${title.slice(1)}`)
  if (titles.length === 0) return 'the site’s look'
  const told =
    titles.length > mostNamed
      ? `${titles.length} things`
      : new Intl.ListFormat(locale, { type: 'conjunction' }).format(titles)
  return `the site’s look, with ${told} of its own`
}

/** A state in which something is shown that is not in it. */
export interface ShownState {
  readonly target: string
  readonly state: State
}

/** The style sheet of a listing's own look, for the box that `scope` finds; something of it as in a state. */
export function lookCss(
  listing: Pick<Listing, 'shape' | 'card' | 'look'>,
  scope: string,
  as: ShownState | null = null,
): string {
  const { own } = listing.look
  return layerCss('listing', compiled(as === null ? own : shownIn(own, as), targetsOf(listing), scope))
}
