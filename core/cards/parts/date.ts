import { string } from 'yup'
import { idSchema } from '../../schemas'
import {
  clocks,
  dateStyles,
  formatByClock,
  formatMoment,
  formatSpan,
  momentOptions,
} from '../../formats/dates'
import type { Clock, DateStyle, Moment } from '../../formats/dates'
import { valueOf } from '../card-entry'
import type { CardContext, CardEntry } from '../card-entry'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export interface DateSetting extends PartBase {
  readonly part: 'date'
  /** A day or moment field; none for when the entry was published. */
  readonly field?: number
  /** Where it ends: another such field. */
  readonly until?: number
  readonly style?: DateStyle
  /** The site's where it is not told. */
  readonly clock?: Clock
}

export interface DateContent {
  readonly text: string
  /** RFC 3339, for machines. */
  readonly instant: string
  /** For the script, where it is told by the visitor's clock: when it ends, and how it is written. */
  readonly visitor?: { readonly until: string | null; readonly options: Intl.DateTimeFormatOptions }
}

const fieldId = idSchema()

export const date = definePart<'date', DateSetting, DateContent>({
  name: 'date',
  title: 'Date',
  styled: '.fact',
  schema: partSettings('date', {
    field: fieldId,
    until: fieldId,
    style: string().oneOf([...dateStyles]),
    clock: string().oneOf([...clocks]),
  }),
  defaults: { part: 'date', on: true },
  several: true,
  wraps: true,
  phrase: (setting, words) =>
    setting.field === undefined
      ? 'date'
      : (words.field(setting.field)?.name.toLowerCase() ?? 'a field that is gone'),
  content(setting, entry, context) {
    const start =
      setting.field === undefined
        ? { at: entry.publishedAt, whole: false }
        : momentOf(entry, setting.field, context)
    if (start === null) return null
    const end = setting.until === undefined ? null : momentOf(entry, setting.until, context)
    const style = setting.style ?? 'day'
    const instant = new Date(start.at).toISOString()
    // A day is the same by every clock.
    const isOfDays = start.whole || end?.whole === true
    const options = isOfDays ? null : momentOptions(style)
    const clock = setting.clock ?? 'site'
    if (options === null || clock === 'site') {
      const text = end === null ? formatMoment(start, style, context) : formatSpan(start, end, style, context)
      return { text, instant: start.whole ? instant.slice(0, 10) : instant }
    }
    const zone = clock === 'event' ? entry.zone : context.zone
    const text = formatByClock(start.at, end?.at ?? null, style, { locale: context.locale, zone })
    if (clock === 'event') return { text, instant }
    return {
      text,
      instant,
      visitor: { until: end === null ? null : new Date(end.at).toISOString(), options },
    }
  },
})

/** The value of a field of days (kept as YYYY-MM-DD) or of moments (kept as epoch milliseconds). */
function momentOf(entry: CardEntry, id: number, context: CardContext): Moment | null {
  const found = valueOf(entry, id, context)
  if (found?.field.type === 'date-time') return { at: Number(found.value), whole: false }
  return found?.field.type === 'date' ? { at: Date.parse(String(found.value)), whole: true } : null
}
