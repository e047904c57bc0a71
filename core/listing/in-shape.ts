import type { PartSetting } from '../cards/parts'
import { switchedShape } from '../shapes'
import type { ShapeChoice } from '../shapes'
import type { Listing } from './definition'

/**
 * A listing laid out in another shape, with what makes that what it is: a masonry shows pictures in
 * ratios of their own, or it would be a grid; tabs begin with one entry each.
 */
export function inShape(listing: Listing, name: ShapeChoice['name']): Listing {
  const shape = switchedShape(listing.shape, name)
  if (shape.name === 'tabs') return { ...listing, shape: { ...shape, by: 'entry' } }
  if (shape.name !== 'masonry') return { ...listing, shape }
  return { ...listing, shape, card: { ...listing.card, parts: listing.card.parts.map(withOwnRatio) } }
}

function withOwnRatio(part: PartSetting): PartSetting {
  return part.part === 'picture' ? { ...part, ratio: 'natural' } : part
}
