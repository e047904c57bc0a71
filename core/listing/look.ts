import { object } from 'yup'
import { noCss, ownCssSchema } from '../looks/own-css/own-css'
import type { OwnCss } from '../looks/own-css/own-css'
import { departing, merged, shownIn, stylesSchema } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { compiled } from '../looks/compile'
import { idOrNoneSchema } from '../schemas'
import { layerCss } from '../style/rules'
import type { ShownState } from '../style/targets'
import { andList } from '../words'
import type { Words } from '../words'
import type { Listing } from './definition'
import { targetsOf } from './targets'
import type { Styled } from './targets'

/** How a listing looks: the look that it shares with others, and in what it departs from that. */
export interface Look {
  /** The id of a look; null for the styles of the site alone. One that is gone counts as none. */
  readonly shared: number | null
  readonly own: Styles
  readonly css: OwnCss
}

export const defaultLook: Look = { shared: null, own: [], css: noCss }

export const lookSchema = object({
  shared: idOrNoneSchema().optional(),
  own: stylesSchema.optional(),
  css: ownCssSchema.optional().default(undefined),
}).noUnknown()

/** Things that are named in the sentence; more are counted. */
const mostNamed = 3

/** What a look is put on. */
export type Looking = Styled & Pick<Listing, 'look'>

/** What a listing's shared look sets. */
export function sharedStyles({ shared }: Look, words: Pick<Words, 'look'>): Styles {
  return shared === null ? [] : (words.look(shared)?.styles ?? [])
}

/** The rules that a designer wrote for a listing's shared look. */
export function sharedCss({ shared }: Look, words: Pick<Words, 'look'>): OwnCss {
  return (shared === null ? undefined : words.look(shared)?.css) ?? noCss
}

/** The things that a listing has looks of its own for, as they are called in the middle of a sentence. */
export function departuresOf(listing: Looking, locale: string): readonly string[] {
  const set = new Set(
    listing.look.own.filter(({ set: all }) => Object.keys(all).length > 0).map(({ target }) => target),
  )
  const { css } = listing.look
  return [
    ...targetsOf(listing)
      .filter(({ name }) => set.has(name))
      .map(({ title }) => `${title.slice(0, 1).toLocaleLowerCase(locale)}${title.slice(1)}`),
    ...(css.isOn && css.text.trim() !== '' ? ['CSS'] : []),
  ]
}

/** The clause in words: “the site’s look”, “Quiet, with title and card of its own”. */
export function lookPhrase(listing: Looking, words: Pick<Words, 'look' | 'locale'>): string {
  const { shared } = listing.look
  const look =
    shared === null ? 'the site’s look' : (words.look(shared)?.name ?? 'the site’s look, as its own is gone')
  const departures = departuresOf(listing, words.locale)
  if (departures.length === 0) return look
  const told =
    departures.length > mostNamed ? `${departures.length} things` : andList(departures, words.locale)
  return `${look}, with ${told} of its own`
}

/**
 * The style sheet of a listing's look, for the box that `scope` finds: what its shared look sets, and in
 * what it departs from that; something of it as in a state.
 */
export function lookCss(
  listing: Looking,
  shared: Styles,
  scope: string,
  as: ShownState | null = null,
): string {
  const { own } = listing.look
  const targets = targetsOf(listing)
  if (as !== null) return layerCss('listing', compiled(shownIn(merged(shared, own), as), targets, scope))
  return [
    layerCss('look', compiled(shared, targets, scope)),
    layerCss('listing', compiled(departing(shared, own), targets, scope)),
  ]
    .filter((css) => css !== '')
    .join('\n')
}
