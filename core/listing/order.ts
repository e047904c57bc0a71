import { array, object, string } from 'yup'

export const orderBys = ['date', 'title', 'views'] as const
export type OrderBy = (typeof orderBys)[number]
export type Direction = 'up' | 'down'

export interface OrderKey {
  readonly by: OrderBy
  readonly direction: Direction
}

/** The Order clause: keys in turn, and whether pinned entries come before all others. */
export interface Order {
  readonly keys: readonly OrderKey[]
  readonly pinned: 'first' | 'ignored'
}

export const defaultOrder: Order = { keys: [{ by: 'date', direction: 'down' }], pinned: 'ignored' }

export const orderSchema = object({
  keys: array(
    object({
      by: string<OrderBy>().oneOf([...orderBys], 'Order by date, title or views.').required(),
      direction: string<Direction>().oneOf(['up', 'down'], 'A direction is up or down.').required(),
    })
      .noUnknown()
      .required(),
  )
    .min(1, 'Order by at least one thing.')
    .max(3, 'Order by at most three things.'),
  pinned: string<Order['pinned']>().oneOf(['first', 'ignored'], 'Pinned entries come first or are ignored.'),
}).noUnknown()

const phrases: Record<OrderBy, Record<Direction, string>> = {
  date: { up: 'oldest first', down: 'newest first' },
  title: { up: 'titles A to Z', down: 'titles Z to A' },
  views: { up: 'least read first', down: 'most read first' },
}

/** What one key is called: “newest first”. */
export function orderKeyPhrase(key: OrderKey): string {
  return phrases[key.by][key.direction]
}

/** The clause in words: “pinned, then newest first”. */
export function orderPhrase(order: Order): string {
  const keys = order.keys.map(orderKeyPhrase)
  return [...(order.pinned === 'first' ? ['pinned'] : []), ...keys].join(', then ')
}
