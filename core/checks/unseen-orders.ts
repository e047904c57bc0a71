import { withPartAdded } from '../cards/card-edits'
import type { Card } from '../cards/card'
import type { PartName, PartSetting } from '../cards/parts'
import type { Listing } from '../listing/definition'
import type { OrderKey } from '../order/order'
import type { Control } from '../visitors'
import type { Check } from './define'

/** Which part of a card tells what entries are ordered by; a field has a part of its own. */
const tellers: Partial<Record<OrderKey['by'], PartName>> = {
  date: 'date',
  when: 'date',
  title: 'title',
  views: 'views',
  comments: 'comments',
  rating: 'likes',
  field: 'field',
}

/** Orders that visitors can choose by what no card tells: they can't see what came of it. */
export const unseenOrders: Check = {
  name: 'unseen-orders',
  title: 'Orders that can’t be seen',
  find({ listing }) {
    const control = listing.visitors.controls.find((one) => one.control === 'sort')
    return (control?.orders ?? []).flatMap(({ name, order }, at, all) => {
      const [key] = order.keys
      if (key === undefined || isTold(listing.card, key)) return []
      const place = ['first', 'second', 'third'][at] ?? `${at + 1}th`
      return [
        {
          text: `${name === '' ? `The ${place} order that visitors can choose` : `The order “${name}”`} goes by what no card tells.`,
          mends: [
            {
              title: 'Show it on the cards',
              edit: (before) => ({ ...before, card: telling(before.card, key) }),
            },
            ...(all.length > 1
              ? [{ title: 'Offer it no more', edit: (before: Listing) => withoutOrder(before, at) }]
              : []),
          ],
          show: {},
        },
      ]
    })
  },
}

function isTold({ parts }: Card, key: OrderKey): boolean {
  return parts.some(
    (part) => part.on && (key.by === 'field' ? tellsField(part, key.field) : tells(part, key)),
  )
}

/** Whether a part tells it, or is a row of facts that does. */
function tells(part: PartSetting, { by }: OrderKey): boolean {
  const teller = tellers[by]
  return part.part === 'facts' ? part.facts.some((fact) => fact === teller) : part.part === teller
}

/** Whether a part is of a field: of whichever kind, it names that. */
function tellsField(part: PartSetting, field: number): boolean {
  return part.part === 'facts' ? part.facts.includes(field) : 'field' in part && part.field === field
}

function telling(card: Card, key: OrderKey): Card {
  const part = tellers[key.by]
  if (part === undefined) return card
  if (key.by !== 'field') return { ...card, parts: withPartAdded(card.parts, part, part) }
  const id = `order-${key.field}`
  const field: PartSetting = { part: 'field', on: true, field: key.field, named: true, id }
  return { ...card, parts: [...card.parts, field] }
}

function withoutOrder(listing: Listing, at: number): Listing {
  const less = (one: Control): Control =>
    one.control === 'sort' ? { ...one, orders: one.orders.filter((_, index) => index !== at) } : one
  return {
    ...listing,
    visitors: { ...listing.visitors, controls: listing.visitors.controls.map(less) },
  }
}
