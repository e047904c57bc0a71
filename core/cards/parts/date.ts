import { string } from 'yup'
import { idSchema } from '../../schemas'
import { dateStyles, formatMoment, formatSpan } from '../../formats/dates'
import type { DateStyle, Moment } from '../../formats/dates'
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
}

export interface DateContent {
  readonly text: string
  /** RFC 3339, for machines. */
  readonly instant: string
}

const fieldId = idSchema()

export const date = definePart<'date', DateSetting, DateContent>({
  name: 'date',
  title: 'Date',
  schema: partSettings('date', { field: fieldId, until: fieldId, style: string().oneOf([...dateStyles]) }),
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
    const text = end === null ? formatMoment(start, style, context) : formatSpan(start, end, style, context)
    const instant = new Date(start.at).toISOString()
    return { text, instant: start.whole ? instant.slice(0, 10) : instant }
  },
})

/** The value of a field of days (kept as YYYY-MM-DD) or of moments (kept as epoch milliseconds). */
function momentOf(entry: CardEntry, id: number, context: CardContext): Moment | null {
  const found = valueOf(entry, id, context)
  if (found?.field.type === 'date-time') return { at: Number(found.value), whole: false }
  return found?.field.type === 'date' ? { at: Date.parse(String(found.value)), whole: true } : null
}
