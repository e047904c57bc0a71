import { fieldTypes } from '../../content/fields'
import { daysOf, instantsOf } from '../../time/windows'
import type { DateWindow, InstantRange } from '../../time/windows'
import type { KnownField } from '../../words'
import type { PlanContext } from '../context'

/** Whether a field holds days or moments. */
export function isMoment(known: Pick<KnownField, 'type'>): boolean {
  return ['day', 'instant'].includes(fieldTypes.get(known.type).filter)
}

/** Whether a field holds days. */
export function isDay(known: Pick<KnownField, 'type'>): boolean {
  return fieldTypes.get(known.type).filter === 'day'
}

/** A window as the range of a field's values, in epoch milliseconds. */
export function rangeOf(
  known: KnownField,
  window: DateWindow,
  { now, words: { zone, locale } }: Pick<PlanContext, 'now' | 'words'>,
): InstantRange {
  return (isDay(known) ? daysOf : instantsOf)(window, { now, zone, locale })
}

/** Moments are compared in seconds, as they are indexed. */
export function seconds(instant: number | null): number | null {
  return instant === null ? null : instant / 1000
}
