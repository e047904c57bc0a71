import { fittingTargets } from '../fittings/look'
import type { FittingChoice } from '../fittings'
import { styleTargets, targetsOf } from '../listing/targets'
import type { SiteValues } from '../looks/site-values'
import type { Styles } from '../looks/styles'
import type { StyleTarget } from '../style/targets'
import type { Check, Finding, Mend, Restyle } from './define'

/** What is set of how something looks: a listing or a fitting, whichever. */
export interface CheckedStyles {
  readonly own: Styles
  /** What the look that it shares with others sets. */
  readonly followed: Styles
  /** What of it can be styled as it is set. */
  readonly targets: readonly StyleTarget[]
  /** What could be, were it set otherwise. */
  readonly known: readonly StyleTarget[]
}

/** What a check finds in styles. */
export interface StyleFinding {
  readonly text: string
  readonly restyles: readonly Restyle[]
  /** The target that it is of; null where that is not there. */
  readonly target: string | null
}

/** A check that asks for nothing but what is set of how something looks. */
export interface StyleCheck {
  readonly name: string
  readonly title: string
  readonly find: (checked: CheckedStyles, values: SiteValues) => readonly StyleFinding[]
}

/** A fitting where it stands on the page. */
export interface CheckedFitting {
  readonly placement: string
  readonly fitting: FittingChoice
  readonly styles: Styles
}

/** A check of styles as one of listings. */
export function ofListings({ name, title, find }: StyleCheck): Check {
  return {
    name,
    title,
    find({ listing, followed }, { values }) {
      const targets = targetsOf(listing)
      const { own } = listing.look
      return find({ own, followed, targets, known: styleTargets }, values).map(
        ({ text, restyles, target }) => ({
          text,
          mends: restyles.map(ofListing),
          show: target === null ? {} : { part: target },
        }),
      )
    },
  }
}

/** What a check of styles finds on a fitting. */
export function onFitting(
  { name: check, find }: StyleCheck,
  { placement, fitting, styles: own }: CheckedFitting,
  values: SiteValues,
): readonly Finding[] {
  const targets = fittingTargets(fitting)
  const known = [...targets, ...styleTargets]
  return find({ own, followed: [], targets, known }, values).map(({ text, restyles }) => ({
    check,
    placement,
    text,
    mends: [],
    restyles,
    show: {},
  }))
}

/** A change of styles as one of the listing that they are of. */
export function ofListing({ title, restyle }: Restyle): Mend {
  return {
    title,
    edit: (before) => ({ ...before, look: { ...before.look, own: restyle(before.look.own) } }),
  }
}
