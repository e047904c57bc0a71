import { parts } from '../cards/parts'
import { allPartTargets, cardTargets, partTargets } from '../cards/targets'
import { shapeTargets } from '../shapes/targets'
import { aroundTargets } from '../style/around-targets'
import type { StyleTarget } from '../style/targets'
import type { Card } from '../cards/card'
import { allControlTargets, controlTargets } from '../visitors'
import type { OfferedView } from '../visitors/views'
import type { Listing } from './definition'

/** What a look can style of every listing. */
const boxTargets: readonly StyleTarget[] = [
  ...aroundTargets,
  { name: 'box', title: 'Box of the listing', selector: '.listing' },
  { name: 'empty', title: 'Words where there is nothing', selector: '.listing-empty' },
  {
    name: 'page-link',
    title: 'Way to other pages',
    selector: '.listing-pages a',
    chosen: '[aria-current]',
    isPressed: true,
  },
]

/** All that looks can style, in the order in which it is listed: each thing once. */
export const styleTargets: readonly StyleTarget[] = [
  ...new Map(
    [
      ...boxTargets,
      ...allControlTargets,
      ...Object.values(shapeTargets).flat(),
      ...cardTargets,
      ...allPartTargets,
    ].map((target) => [target.name, target]),
  ).values(),
]

/** What of a listing says what can be styled of it. */
export type Styled = Pick<Listing, 'shape' | 'card'> & Partial<Pick<Listing, 'visitors'>>

/** What a look can style of a listing: of itself and its shape, of each card, and of what cards carry. */
export interface TargetGroups {
  readonly listing: readonly StyleTarget[]
  readonly card: readonly StyleTarget[]
  readonly parts: readonly StyleTarget[]
}

/** What a look can style of a listing as it is set: of its shapes, its cards and the parts that they carry. */
export function targetGroupsOf(listing: Styled): TargetGroups {
  const controls = listing.visitors?.controls ?? []
  const carried = new Set(
    cardsOf(listing)
      .flatMap(({ parts: own, other }) => [...own, ...(other?.parts ?? [])])
      .filter(({ on }) => on)
      .map(({ part }) => part),
  )
  const shapes = [listing.shape, ...viewsOf(listing).map(({ shape }) => shape)]
  const laidOut = new Set(shapes.flatMap(({ name }) => shapeTargets[name]))
  return {
    listing: [...boxTargets, ...controlTargets(controls), ...laidOut],
    card: cardTargets,
    parts: parts.all.filter(({ name }) => carried.has(name)).flatMap(partTargets),
  }
}

/** The cards of a listing as it is, and of each view in which visitors can have it. */
export function cardsOf(listing: Pick<Styled, 'card' | 'visitors'>): readonly Card[] {
  return [listing.card, ...viewsOf(listing).flatMap(({ card }) => card ?? [])]
}

function viewsOf({ visitors }: Pick<Styled, 'visitors'>): readonly OfferedView[] {
  return (visitors?.controls ?? []).flatMap((one) => (one.control === 'views' ? one.views : []))
}

/** The same in the order in which it is listed. */
export function targetsOf(listing: Styled): readonly StyleTarget[] {
  const groups = targetGroupsOf(listing)
  return [...groups.listing, ...groups.card, ...groups.parts]
}
