import type { CardEntry } from '../cards/card-entry'
import { calendarSheet } from './calendar-sheet'
import type { CalendarSheet } from './calendar-sheet'
import type { ArrangedAt } from './define'
import type { ShapeChoice } from './index'
import { schedulePlan } from './schedule-plan'
import type { Schedule } from './schedule-plan'
import { timeAxis } from './time-axis'
import { lineOf } from './timeline'
import { timeLine } from './timeline-line'
import type { TimeLine } from './timeline-line'

/** What shapes make of entries beyond their places in order, by name. */
export interface ShapeArrangements {
  readonly timeline: TimeLine
  readonly calendar: CalendarSheet
  readonly schedule: Schedule
}

/**
 * What a shape makes of these entries: where they stand on a line, on a sheet; null for their order alone.
 * Apart from the shapes, since what sets them up has no use for all that stands behind it.
 */
export function arrangementOf(
  choice: ShapeChoice,
  entries: readonly CardEntry[],
  place: ArrangedAt,
): ShapeArrangements[keyof ShapeArrangements] | null {
  switch (choice.name) {
    case 'timeline': {
      const { zone, now, at } = timeAxis(entries, choice.clock, place)
      return timeLine(lineOf(choice), entries.map(at), { ...place, zone, now })
    }
    case 'calendar':
      return calendarSheet(choice, entries, place)
    case 'schedule':
      return schedulePlan(choice, entries, place)
    default:
      return null
  }
}
