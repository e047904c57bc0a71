import { parts } from '../cards/parts'
import { allPartTargets, cardTargets, partTargets } from '../cards/targets'
import { shapeTargets } from '../shapes/targets'
import type { StyleTarget } from '../style/targets'
import type { Listing } from './definition'

/** What a look can style of every listing. */
const boxTargets: readonly StyleTarget[] = [
  { name: 'heading', title: 'Heading', selector: '.placement-heading' },
  { name: 'words', title: 'Words above and below', selector: '.placement-words' },
  { name: 'box', title: 'Box of the listing', selector: '.listing' },
  { name: 'empty', title: 'Words where there is nothing', selector: '.listing-empty' },
  { name: 'page-link', title: 'Way to other pages', selector: '.listing-pages a' },
]

/** All that looks can style, in the order in which it is listed: each thing once. */
export const styleTargets: readonly StyleTarget[] = [
  ...new Map(
    [...boxTargets, ...Object.values(shapeTargets).flat(), ...cardTargets, ...allPartTargets].map(
      (target) => [target.name, target],
    ),
  ).values(),
]

/** What a look can style of a listing as it is set: of its shape, its card and the parts that it carries. */
export function targetsOf({ shape, card }: Pick<Listing, 'shape' | 'card'>): readonly StyleTarget[] {
  const carried = new Set(card.parts.filter(({ on }) => on).map(({ part }) => part))
  return [
    ...boxTargets,
    ...shapeTargets[shape.name],
    ...cardTargets,
    ...parts.all.filter(({ name }) => carried.has(name)).flatMap(partTargets),
  ]
}
