import { boolean, number, string } from 'yup'
import { idOrNoneSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export const monthOrders = ['newest', 'oldest'] as const

export interface MonthIndexSettings {
  /** Whose months: the id of a collection, or null until one is chosen. */
  readonly collection: number | null
  readonly counts: boolean
  readonly order: (typeof monthOrders)[number]
  /** So many years are open at first, 0 to 50; the others fold out. */
  readonly open: number
}

const openRange = 'Open 0 to 50 years at first.'

/** The months in which something was published, under their years, each a way to its own page. */
export const monthIndex = defineFitting<'months', MonthIndexSettings>({
  name: 'months',
  title: 'Index of months',
  about: 'The months of a collection under their years, each a way to its page',
  defaults: { collection: null, counts: true, order: 'newest', open: 1 },
  styled: [
    { name: 'month-year', title: 'Year', selector: '.month-index summary', isPressed: true },
    { name: 'month-link', title: 'Month', selector: '.month-index a', isPressed: true },
    { name: 'month-count', title: 'How many there are', selector: '.month-index .count' },
  ],
  begun: ({ collections }) => ({ collection: collections[0] ?? null }),
  schema: fittingSettings('months', {
    collection: idOrNoneSchema(),
    counts: boolean().required(),
    order: string().oneOf(monthOrders).required(),
    open: number().integer(openRange).min(0, openRange).max(50, openRange).required(),
  }),
  showsEntries: true,
})

/** How many entries were published in a month, 1 to 12. */
export interface CountedMonth {
  readonly year: number
  readonly month: number
  readonly count: number
}

export interface CountedYear {
  readonly year: number
  readonly count: number
  readonly months: readonly CountedMonth[]
}

/** Months under their years, both in the order that is wanted. */
export function yearsOf(
  months: readonly CountedMonth[],
  order: MonthIndexSettings['order'],
): readonly CountedYear[] {
  const sign = order === 'newest' ? -1 : 1
  const years = [...new Set(months.map((one) => one.year))].sort((a, b) => sign * (a - b))
  return years.map((year) => {
    const own = months.filter((one) => one.year === year).sort((a, b) => sign * (a.month - b.month))
    return { year, count: own.reduce((sum, one) => sum + one.count, 0), months: own }
  })
}
