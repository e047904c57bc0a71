import { askAddress, fromItsStart, parameterName, withAsk } from '../../core/pages/asks'
import type { PageAsk } from '../../core/pages/asks'
import type { Listing } from '../../core/listing/definition'
import { pressAddress } from '../../core/presses/press'
import { askedBy, asksOf } from '../../core/visitors/choices'
import type { Choices, Chosen } from '../../core/visitors/choices'
import { controls as kinds } from '../../core/visitors'
import type { Choice, ChoiceOf, Control, ControlName, ControlOf } from '../../core/visitors'
import type { VisitorAsk } from '../../core/rules/context'
import { everything } from '../../core/rules/predicate'
import type { ControlWay } from '../../site/visitors/view'
import type { Db } from '../db/client'
import type { ListingAsker } from '../listings/ask'
import { siteAsked } from '../listings/context'
import type { Asked, KnownSite } from '../listings/context'

/** What the controls of a placed listing are asked with. */
export interface ControlsAsked {
  readonly db: Db
  readonly asker: ListingAsker
  readonly known: KnownSite
  readonly asked: Asked
  /** As the visitor has it. */
  readonly listing: Listing
  /** As it is where nothing is chosen. */
  readonly own: Listing
  /** Entries shown above on the same page. */
  readonly above: readonly number[]
  readonly choices: Choices
  readonly ask: PageAsk
  /** The id of the placement. */
  readonly placement: string
  /** The id of the listing; null for what a fitting shows, of which nothing is told. */
  readonly listingId: string | null
}

/** How many are found where this is chosen. */
export function foundBy(
  { asker, listing, asked, above, known }: ControlsAsked,
  chosen: readonly Chosen[],
): Promise<number> {
  return asker.found(listing, asked, above, asksOf(chosen, siteAsked(known, listing)))
}

/** What a form asks for a control, and what else is asked of the page and goes on being asked. */
export function othersAsked(
  of: ControlsAsked,
  control: Control,
): {
  readonly parameter: string
  readonly others: readonly { readonly name: string; readonly value: string }[]
  readonly told: string | null
} {
  const { ask, placement, known } = of
  const own = askedBy(control, null, known.named)
  const { query } = withAsk(ask, placement, fromItsStart, own)
  const parameter = kinds.get(control.control).parameter(control, known.named) ?? ''
  return {
    parameter: parameterName(ask, placement, parameter),
    others: [...query].map(([name, value]) => ({ name, value })),
    told: choiceTold(of, control, null, false),
  }
}

/** The address at which something else is chosen by a control; a longer listing begins anew there. */
export function choiceAddress(
  { ask, placement, known }: ControlsAsked,
  control: Control,
  choice: Choice | null,
): string {
  return askAddress(ask, placement, fromItsStart, askedBy(control, choice, known.named))
}

/**
 * How many entries have each of these keys: of all that the listing has, and under all that is chosen. What
 * adds to each other is counted as if nothing were chosen by its control.
 */
export async function keysFound(
  { asker, listing, asked, above, choices, known }: ControlsAsked,
  control: Control,
  keys: readonly number[],
  adds: boolean,
): Promise<{ readonly ever: ReadonlyMap<number, number>; readonly now: ReadonlyMap<number, number> }> {
  const narrowing = asksOf(choices.chosen, siteAsked(known, listing), adds ? control : undefined)
  const [ever, now] = await Promise.all([
    asker.counted(listing, asked, above, keys),
    narrowing.length === 0 ? null : asker.counted(listing, asked, above, keys, narrowing),
  ])
  return { ever, now: now ?? ever }
}

/** How many would be found by each of some choices by a control, in place of what is chosen by it. */
export function eachFound<Kind extends ControlName>(
  { asker, listing, asked, above, choices, known }: ControlsAsked,
  control: ControlOf<Kind>,
  offered: readonly ChoiceOf<Kind>[],
): Promise<readonly number[]> {
  const site = siteAsked(known, listing)
  const each = offered.map((choice): VisitorAsk => asksOf([{ control, choice }], site)[0] ?? everything)
  return asker.foundWithin(listing, asked, above, asksOf(choices.chosen, site, control), each)
}

/** Where a press by which something is chosen is told; null where it is taken back. */
export function choiceTold(
  { listingId, known }: ControlsAsked,
  control: Control,
  choice: Choice | null,
  isChosen: boolean,
): string | null {
  const kind = kinds.get(control.control)
  const parameter = kind.parameter(control, known.named)
  if (isChosen || parameter === null || listingId === null) return null
  const text = choice === null ? '' : kind.write(control, choice, known.named)
  return pressAddress({ listing: listingId, kind: 'choice', what: `${parameter}:${text}` })
}

/** A few ways to have a listing, of which one is always chosen; null stands for the listing's own. */
export function fewWays<Kind extends 'sort' | 'views' | 'amount'>(
  of: ControlsAsked,
  control: ControlOf<Kind>,
  offered: readonly { readonly choice: ChoiceOf<Kind> | null; readonly title: string }[],
  chosen: ChoiceOf<Kind> | null,
): readonly ControlWay[] {
  return offered.map(({ choice, title }) => ({
    id: `${of.placement}-${control.control}-${choice ?? 'own'}`,
    title,
    address: choiceAddress(of, control, choice),
    count: null,
    isChosen: choice === chosen,
    depth: 0,
    told: choiceTold(of, control, choice, choice === chosen),
  }))
}
