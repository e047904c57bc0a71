import { array, lazy, mixed, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { idSchema } from '../schemas'
import type { Field } from '../content/field'
import { fieldTypes } from '../content/fields'
import { counted } from '../words'
import type { Words } from '../words'

export type Direction = 'up' | 'down'
/** How long a shuffle stays as it is. */
export type ShuffleSpan = 'fixed' | 'day' | 'visit'

/** One thing that entries are ordered by. Entries without a value come last, up or down. */
export type OrderKey =
  /** `when`: the date on which the entry happens. */
  | { readonly by: 'date' | 'when' | 'title' | 'comments' | 'rating'; readonly direction: Direction }
  /** With `days`: reads of the last days only, today included, 1 to 366; most read first. */
  | { readonly by: 'views'; readonly direction: Direction; readonly days?: number }
  | { readonly by: 'field'; readonly field: number; readonly direction: Direction }
  /** `number` tells one fixed shuffle from another. */
  | { readonly by: 'shuffle'; readonly span: ShuffleSpan; readonly number: number }
  /** In the order in which entries were picked by hand. */
  | { readonly by: 'hand' }
  /** Most terms in common with the page's entry first, rare terms counting for more. */
  | { readonly by: 'related' }
export type OrderBy = OrderKey['by']

/** The Order clause: keys in turn, and whether pinned entries come before all others. */
export interface Order {
  readonly keys: readonly OrderKey[]
  readonly pinned: 'first' | 'ignored'
}

export const defaultOrder: Order = { keys: [{ by: 'date', direction: 'down' }], pinned: 'ignored' }
export const mostKeys = 4

const by = string().required()
const direction = string<Direction>().oneOf(['up', 'down'], 'A direction is up or down.').required()
const directed = object({ by, direction }).noUnknown().required()
const bare = object({ by }).noUnknown().required()
const schemas: Record<OrderBy, Schema<unknown>> = {
  date: directed,
  when: directed,
  title: directed,
  comments: directed,
  rating: directed,
  views: object({
    by,
    direction,
    days: number()
      .typeError('Say how many days.')
      .integer('Use a whole number of days.')
      .min(1, 'Use at least 1 day.')
      .max(366, 'Use at most 366 days.'),
  })
    .noUnknown()
    .required()
    .test(
      'down',
      'Reads of the last days order from the most read down.',
      (key) => key.days === undefined || key.direction === 'down',
    ),
  field: object({ by, direction, field: idSchema('Choose a field.').required('Choose a field.') })
    .noUnknown()
    .required(),
  shuffle: object({
    by,
    span: string<ShuffleSpan>()
      .oneOf(['fixed', 'day', 'visit'], 'A shuffle is fixed, or lasts a day or a visit.')
      .required(),
    number: number().integer().min(0).max(999_999).required(),
  })
    .noUnknown()
    .required(),
  hand: bare,
  related: bare,
}
export const orderBys = Object.keys(schemas) as readonly OrderBy[]
const unknownKey = object({
  by: mixed().test('known', `Order by one of: ${orderBys.join(', ')}.`, () => false),
})

export const orderSchema = object({
  keys: array(
    lazy((value: unknown) => {
      const name: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'by') : undefined
      return (
        typeof name === 'string' && Object.hasOwn(schemas, name) ? schemas[name as OrderBy] : unknownKey
      ) as never
    }),
  )
    .min(1, 'Order by at least one thing.')
    .max(mostKeys, `Order by at most ${mostKeys} things.`),
  pinned: string<Order['pinned']>().oneOf(['first', 'ignored'], 'Pinned entries come first or are ignored.'),
}).noUnknown()

type Plain = Exclude<OrderBy, 'field' | 'shuffle' | 'hand' | 'related'>
const phrases: Record<Plain, Record<Direction, string>> = {
  date: { up: 'oldest first', down: 'newest first' },
  when: { up: 'next date first', down: 'latest date first' },
  title: { up: 'titles A to Z', down: 'titles Z to A' },
  views: { up: 'least read first', down: 'most read first' },
  comments: { up: 'fewest comments first', down: 'most comments first' },
  rating: { up: 'worst rated first', down: 'best rated first' },
}
const shufflePhrases: Record<ShuffleSpan, string> = {
  fixed: 'shuffled once for all',
  day: 'shuffled anew each day',
  visit: 'shuffled anew for each visit',
}

/** What one key is called: “newest first”. */
export function orderKeyPhrase(key: OrderKey, words: Words): string {
  switch (key.by) {
    case 'field': {
      const field = words.field(key.field)
      if (field === undefined) return 'by a field that is gone'
      return `by ${field.name.toLowerCase()}, ${directionWords(field)[key.direction]}`
    }
    case 'shuffle':
      return shufflePhrases[key.span]
    case 'hand':
      return 'in the order picked'
    case 'related':
      return 'most in common first'
    case 'views':
      return key.days === undefined
        ? phrases.views[key.direction]
        : `most read in ${counted(key.days, 'day', 'days')} first`
    default:
      return phrases[key.by][key.direction]
  }
}

/** What the directions of a field's order are called. */
export function directionWords(field: Field): Readonly<Record<Direction, string>> {
  const type = fieldTypes.get(field.type)
  const [up, down] =
    type.orders?.(field.settings) ??
    (type.sort === 'text' ? ['A to Z', 'Z to A'] : ['lowest first', 'highest first'])
  return { up, down }
}

/** Why a key can't order; null when it can. */
export function orderKeyTrouble(key: OrderKey, words: Words): string | null {
  if (key.by !== 'field') return null
  const field = words.field(key.field)
  if (field === undefined) return 'The field was deleted. Order by another.'
  if (fieldTypes.get(field.type).sort === null)
    return `“${field.name}” is of a type that has no order now. Order by another.`
  return field.sortable
    ? null
    : `Listings may not sort by “${field.name}”. Allow it where the collection is set up.`
}

/** Whether two keys order by the same thing, so that the second does nothing. */
export function sameThing(a: OrderKey, b: OrderKey): boolean {
  return a.by === b.by && (a.by !== 'field' || b.by !== 'field' || a.field === b.field)
}

/** The clause in words: “pinned, then newest first”. */
export function orderPhrase(order: Order, words: Words): string {
  const keys = order.keys.map((key) => orderKeyPhrase(key, words))
  return [...(order.pinned === 'first' ? ['pinned'] : []), ...keys].join(', then ')
}
