import { occurrencesOf } from '../../time/occurrences'
import type { Occurrence, Timing } from '../../time/occurrences'
import { wallOf } from '../../time/zones'
import { changedRuleOf, repetitionOf, wallText } from './repetition'
import type { ChangedRule, RecurrenceValue, StoredChange } from './repetition'
import { latestInstant } from './date-time'

/** A date of what repeats, as its form shows it. */
export interface ShownDate {
  /** When the rule has it, by the clock there: `2026-12-23T10:00`. */
  readonly on: string
  /** As it would be, were nothing set for it alone. */
  readonly occurrence: Occurrence
  readonly change: StoredChange | null
  /** Whether it was added by hand, and the rule does not have it. */
  readonly isAdded: boolean
}

/** The other way round: a rule alone is its text, and nothing is none. */
function valueOf(changed: ChangedRule): RecurrenceValue | null {
  const { rule, added, changes } = changed
  if (added.length + changes.length > 0) return changed
  return rule === '' ? null : rule
}

/** The value with another rule; an empty one leaves nothing of it, since what was set belonged to the rule. */
export function withRule(value: RecurrenceValue | null, rule: string): RecurrenceValue | null {
  return rule === '' ? null : valueOf({ ...changedRuleOf(value), rule })
}

/** The value with a date left out, cancelled or moved. */
export function withChange(value: RecurrenceValue | null, change: StoredChange): RecurrenceValue | null {
  const { changes, ...rest } = changedRuleOf(value)
  const others = changes.filter((one) => one.on !== change.on)
  return valueOf({ ...rest, changes: [...others, change].toSorted((a, b) => (a.on < b.on ? -1 : 1)) })
}

/** The value with a date as its rule has it again. */
export function withoutChange(value: RecurrenceValue | null, on: string): RecurrenceValue | null {
  const { changes, ...rest } = changedRuleOf(value)
  return valueOf({ ...rest, changes: changes.filter((one) => one.on !== on) })
}

/** The value with one date more, or without it. */
export function withDate(value: RecurrenceValue | null, on: string, isIn: boolean): RecurrenceValue | null {
  const { added, ...rest } = changedRuleOf(value)
  const others = added.filter((one) => one !== on)
  return valueOf({ ...rest, added: isIn ? [...others, on].toSorted() : others })
}

/**
 * The next dates from `now` (epoch milliseconds) on as the rule has them, with what is set for each:
 * so many, and after them those that something is set for.
 */
export function nextDates(
  timing: Timing,
  value: RecurrenceValue,
  now: number,
  count: number,
): readonly ShownDate[] {
  const { added, changes } = changedRuleOf(value)
  const plain: Timing = { ...timing, repeats: { ...repetitionOf(value), changes: [] } }
  const setFor = new Set([...added, ...changes.map((change) => change.on)])
  const { occurrences } = occurrencesOf(plain, { from: now, before: latestInstant, most: count })
  const onOf = (occurrence: Occurrence) => wallText(wallOf(occurrence.startsAt, timing.zone))
  const last = occurrences.at(-1)?.startsAt ?? now
  const later =
    setFor.size === 0
      ? []
      : occurrencesOf(plain, { from: last + 1, before: latestOf([...setFor], last), most: mostLater })
          .occurrences
  return [...occurrences, ...later.filter((one) => setFor.has(onOf(one)))].map((occurrence) => {
    const on = onOf(occurrence)
    return {
      on,
      occurrence,
      change: changes.find((change) => change.on === on) ?? null,
      isAdded: added.includes(on),
    }
  })
}

/** So far is looked for dates that something is set for. */
const mostLater = 2000
const dayMs = 86_400_000

function latestOf(dates: readonly string[], least: number): number {
  return Math.max(least + 1, ...dates.map((text) => Date.parse(`${text}Z`) + 2 * dayMs))
}
