import { monthName } from '../../core/formats/formatters'
import { yearsOf } from '../../core/fittings/month-index'
import type { MonthIndexSettings } from '../../core/fittings/month-index'
import { monthAddress } from '../../core/pages/usual'
import type { FittingContents } from '../../site/view'
import { publishedMonths } from '../pages/subjects/published'
import type { FittingAsked } from './index'

/** The months of a collection in which visitors find something, under their years. */
export async function monthIndexContent(
  { collection: id, order }: MonthIndexSettings,
  { db, known: { site }, now }: FittingAsked,
): Promise<FittingContents['months']> {
  const collection = await db
    .selectFrom('collections')
    .select(['id', 'address'])
    .where('id', '=', id ?? 0)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (collection === undefined) return []
  const months = await publishedMonths(db, collection.id, site.zone, now)
  return yearsOf(months, order).map(({ year, count, months: own }) => ({
    year: String(year),
    count,
    months: own.map(({ month, count: entries }) => ({
      name: monthName(month, site.locale),
      address: monthAddress(collection.address, year, month),
      count: entries,
    })),
  }))
}
