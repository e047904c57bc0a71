import { entryCalendar } from '../../../content/entry-address'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** Leads to the calendar file of what happens, to be put into a calendar of one's own. */
export interface CalendarFileSetting extends PartBase {
  readonly part: 'calendar-file'
}

export const calendarFile = definePart<'calendar-file', CalendarFileSetting, { readonly address: string }>({
  name: 'calendar-file',
  title: 'Calendar file',
  styled: '.calendar-file',
  isLarge: true,
  schema: partSettings('calendar-file'),
  defaults: { part: 'calendar-file', on: true },
  phrase: () => 'calendar file',
  content: (_setting, { full, address }) =>
    full?.happens === true ? { address: entryCalendar(address) } : null,
})
