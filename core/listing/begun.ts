import { readyMadeCards, withReadyMade } from '../cards/ready-made'
import type { CollectionKind } from '../content/collection'
import type { Field } from '../content/field'
import { presentWhen } from '../content/happening'
import type { Happening } from '../content/happening'
import type { PartSetting } from '../cards/parts'
import type { Rule } from '../rules'
import { newShape, shapes } from '../shapes'
import { isMoment } from '../rules/field-questions/moments'
import { newListing } from './definition'
import type { Listing } from './definition'
import type { OrderKey } from '../order/order'

/** What a listing is begun with: a collection, what it holds, and the fields of its entries. */
export interface BegunWith {
  readonly id: number
  readonly kind: CollectionKind
  readonly fields: readonly Field[]
}

/**
 * A new listing of a collection, in the shape that suits what its entries are. Those that are more than an
 * article (events, goods, films, what somebody said) begin with the first card that was made for them.
 */
export function begunListing(name: string, { id, kind, fields }: BegunWith): Listing {
  const plain = newListing(name, id)
  const suited = shapes.all.find((shape) => shape.suits?.includes(kind))
  const listing = suited === undefined ? plain : { ...plain, shape: newShape(suited.name) }
  const ready = readyMadeCards.find((card) => card.kinds.includes(kind))
  if (ready === undefined || kind === 'article' || kind === 'plain') return listing
  return { ...listing, card: { ...listing.card, parts: withReadyMade([], ready, fields) } }
}

/** By what it is told what comes: the field of the beginning, and whether the collection says it is that. */
export interface Coming {
  readonly field: Field
  readonly isWhen: boolean
}

/**
 * By what entries are yet to come: as their collection says when they happen, or else by the first
 * field of days or moments that rules and orders may go by; null where there is none.
 */
export function comingOf({
  fields,
  happening,
}: {
  readonly fields: readonly Field[]
  readonly happening: Happening
}): Coming | null {
  const when = presentWhen(happening, fields)
  const start = fields.find((field) => field.id === when?.start)
  if (start !== undefined) return { field: start, isWhen: true }
  const field = fields.find((one) => one.filterable && one.sortable && isMoment(one))
  return field === undefined ? null : { field, isWhen: false }
}

/** The listing with what is yet to come, the next first, and its beginning on each card. */
export function comingListing(listing: Listing, { field, isWhen }: Coming): Listing {
  const upcoming: Rule = isWhen
    ? { rule: 'when', asked: { is: 'notOver' } }
    : { rule: 'field', field: field.id, asked: { is: 'within', window: { is: 'upcoming' } } }
  const key: OrderKey = isWhen
    ? { by: 'when', direction: 'up' }
    : { by: 'field', field: field.id, direction: 'up' }
  return {
    ...listing,
    from: { ...listing.from, by: 'rule', rules: [upcoming] },
    order: { keys: [key], pinned: 'ignored' },
    card: { ...listing.card, parts: withMoment(listing.card.parts, field) },
  }
}

/** A card that shows when something begins: by the part that it has for it, or one more above the picture. */
export function withMoment(parts: readonly PartSetting[], field: Field): readonly PartSetting[] {
  if (parts.some((part) => part.part === 'date' && part.on && part.field === field.id)) return parts
  const shown = parts.find((part) => part.part === 'date')
  if (shown === undefined)
    return [{ part: 'date', on: true, field: field.id, style: 'weekday', zone: 'above' }, ...parts]
  return parts.map((part) => (part === shown ? { ...shown, on: true, field: field.id } : part))
}
