import { array, object, string } from 'yup'
import type { Schema } from 'yup'
import { orderPhrase, orderSchema } from '../order/order'
import type { Order, OrderKey } from '../order/order'
import { textSchema } from '../schemas'
import type { Words } from '../words'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { slugsOfNames } from './slugs'
import { menuTarget, waysTarget } from './ways'

export const sortLayouts = ['menu', 'bar'] as const

/** An order that visitors can choose. */
export interface OfferedOrder {
  /** What visitors read; empty for the order in words. */
  readonly name: string
  readonly order: Order
}

/** Choosing another order than the listing's own. */
export interface SortControl extends Labelled {
  readonly control: 'sort'
  readonly layout: (typeof sortLayouts)[number]
  /** What the listing's own order is called; empty for it in words. */
  readonly own: string
  /** The others, 1 to 8. */
  readonly orders: readonly OfferedOrder[]
}

export const newSortControl: SortControl = {
  control: 'sort',
  ...usualLabel,
  layout: 'menu',
  own: '',
  orders: [{ name: '', order: { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' } }],
}

export const mostOrders = 8

/** Whether visitors can sort by it: what is shuffled, picked or of a page's own entry is no order to choose. */
export function isOfferable({ by }: OrderKey): boolean {
  return by !== 'shuffle' && by !== 'hand' && by !== 'related'
}

const nameSchema = () => textSchema().defined().max(60, 'Keep these words within 60 characters.')

const offeredOrderSchema = orderSchema
  .required()
  .test('whole', 'Say what to order by.', ({ keys, pinned }) => keys !== undefined && pinned !== undefined)
  .test(
    'lasting',
    'Visitors sort by what lasts: dates, titles, fields and what is counted.',
    ({ keys = [] }) => keys.every((key) => isOfferable(key as OrderKey)),
  ) as unknown as Schema<Order>

export const sortControl = defineControl<'sort', SortControl, number>({
  name: 'sort',
  title: 'Order',
  does: 'sort',
  schema: object({
    control: string<'sort'>().oneOf(['sort']).required(),
    ...labelledSchema,
    layout: string().oneOf(sortLayouts, 'Orders stand in a menu or in a bar.').required(),
    own: nameSchema(),
    orders: array(
      object({
        name: nameSchema(),
        order: offeredOrderSchema,
      })
        .noUnknown()
        .required(),
    )
      .min(1, 'Offer at least one other order.')
      .max(mostOrders, `Offer at most ${mostOrders} other orders.`)
      .required(),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, menuTarget],
  label: ({ label }) => label || 'Order',
  of: () => '',
  parameter: () => 'by',
  read(control, text, { words }) {
    const at = slugsOf(control, words).indexOf(text)
    return at === -1 ? { choice: null, unknown: [text] } : { choice: at, unknown: [] }
  },
  write: (control, choice, { words }) => slugsOf(control, words)[choice] ?? '',
  changes: ({ orders }, choice, shown) => ({ ...shown, order: orders[choice]?.order ?? shown.order }),
  told: () => [],
})

/** What visitors read of an order. */
export function orderName({ name, order }: OfferedOrder, words: Words): string {
  if (name !== '') return name
  const said = orderPhrase(order, words)
  return said.charAt(0).toLocaleUpperCase(words.locale) + said.slice(1)
}

/** What the orders of a control are called in addresses: after what visitors read. */
function slugsOf({ orders }: SortControl, words: Words): readonly string[] {
  return slugsOfNames(
    orders.map((one) => orderName(one, words)),
    'order',
  )
}
