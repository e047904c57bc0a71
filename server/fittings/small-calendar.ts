import { defaultCard } from '../../core/cards/card'
import type { SmallCalendarSettings } from '../../core/fittings/small-calendar'
import { newListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import { newShape } from '../../core/shapes'
import type { ChosenShape } from '../../core/shapes'
import { widestStop } from '../../core/shapes/stops'
import type { FittingContents } from '../../site/view'
import type { FittingAsked } from './index'

/** The month that the page's address asks for, as a listing would show it. */
export function smallCalendarContent(
  settings: SmallCalendarSettings,
  { listed }: FittingAsked,
): Promise<FittingContents['calendar']> {
  return settings.collection === null
    ? Promise.resolve(null)
    : listed(calendarListing(settings, settings.collection))
}

/** A calendar of marks, at whatever width. */
function calendarListing({ terms, weekNumbers }: SmallCalendarSettings, collection: number): Listing {
  const shape: ChosenShape<'calendar'> = {
    ...(newShape('calendar') as ChosenShape<'calendar'>),
    views: ['month'],
    sheetFrom: widestStop,
    weekNumbers,
  }
  const listing = newListing('', collection)
  return {
    ...listing,
    from: {
      ...listing.from,
      rules: terms.length === 0 ? [] : [{ rule: 'terms', facet: 0, is: 'any', terms }],
    },
    shape,
    card: { ...defaultCard, parts: [{ part: 'title', on: true, level: 4 }] },
  }
}
