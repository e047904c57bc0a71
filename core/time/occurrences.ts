import { expandRule } from './recurrence/expand'
import type { Expanded } from './recurrence/expand'
import type { RecurrenceRule } from './recurrence/rule'
import { instantOfWall, wallOf } from './zones'

const dayMs = 86_400_000

/** What became of one occurrence of a rule. `on` is when the rule has it, by the wall clock. */
export type OccurrenceChange =
  | { readonly is: 'leftOut' | 'cancelled'; readonly on: number }
  | {
      readonly is: 'moved'
      readonly on: number
      readonly to: number
      /** In milliseconds; null for the length of the others. */
      readonly length: number | null
    }

/** How something comes again: its rule, dates besides, and what became of single ones. */
export interface Repetition {
  readonly rule: RecurrenceRule | null
  /** By the wall clock. */
  readonly added: readonly number[]
  readonly changes: readonly OccurrenceChange[]
}

/**
 * When an entry happens. Moments “by the wall clock” are what the clock of the zone shows, as if it
 * were UTC, in epoch milliseconds: ten o'clock stays ten o'clock when clocks change.
 */
export interface Timing {
  /** By the wall clock; midnight for whole days. */
  readonly start: number
  /** In milliseconds, 0 or more; a whole number of days for whole days. */
  readonly length: number
  readonly isWholeDays: boolean
  /** IANA time zone. */
  readonly zone: string
  readonly repeats: Repetition | null
}

/** One happening of an entry. All instants are epoch milliseconds. */
export interface Occurrence {
  /** When it was to begin, which names it among those of its entry (RFC 5545, RECURRENCE-ID). */
  readonly key: number
  readonly startsAt: number
  /** Not included; as `startsAt` for a moment. */
  readonly endsAt: number
  readonly isWholeDays: boolean
  readonly isCancelled: boolean
}

export interface OccurrencesWanted {
  /** Instants: those that begin from the first on, and before the second. */
  readonly from: number
  readonly before: number
  readonly most: number
}

/**
 * The occurrences of an entry, in order of beginning. Its own start is always one of them, and
 * counts for the rule's COUNT (RFC 5545, 3.8.5.3). Timed ones keep their exact length over a change
 * of clocks, whole days their days (the same section). `gaveUp` as `expandRule` tells it.
 */
export function occurrencesOf(
  timing: Timing,
  { from, before, most }: OccurrencesWanted,
): { readonly occurrences: readonly Occurrence[]; readonly gaveUp: boolean } {
  const { repeats } = timing
  const changes = new Map(repeats?.changes.map((change) => [change.on, change]))
  // Clocks differ from UTC by a day at most; what lies outside is left out by its instant below.
  const wanted = { from: from - dayMs, before: before + dayMs, most: most + changes.size + 1 }
  const { moments, gaveUp } = momentsOf(timing, wanted)
  const plain = moments
    .filter((on) => !changes.has(on))
    .map((on) => occurrenceAt(timing, on, on, timing.length))
  const changed = [...changes.values()].flatMap((change) => changedOccurrence(timing, change))
  const occurrences = [...plain, ...changed]
    .filter((one) => one.startsAt >= from && one.startsAt < before)
    .toSorted((a, b) => a.startsAt - b.startsAt || a.key - b.key)
  return { occurrences: occurrences.slice(0, most), gaveUp }
}

/** The moments of start, rule and added dates, by the wall clock, once each and in order. */
function momentsOf({ start, zone, repeats }: Timing, wanted: Parameters<typeof expandRule>[2]): Expanded {
  const own = [start, ...(repeats?.added ?? [])].filter((at) => at >= wanted.from && at < wanted.before)
  if (repeats === null || repeats.rule === null) return { moments: inOrder(own), gaveUp: false }
  const rule = onWall(repeats.rule, zone)
  const isOfRule = expandRule(rule, start, { from: start, before: start + 1, most: 1 }).moments.length === 1
  // The start counts where the rule itself does not have it.
  const counted = rule.count === null || isOfRule ? rule : { ...rule, count: rule.count - 1 }
  if (counted.count === 0) return { moments: inOrder(own), gaveUp: false }
  const { moments, gaveUp } = expandRule(counted, start, wanted)
  return { moments: inOrder([...own, ...moments]), gaveUp }
}

/** The rule with its end by the wall clock. */
function onWall(rule: RecurrenceRule, zone: string): RecurrenceRule {
  const { until } = rule
  return until?.clock === 'utc'
    ? { ...rule, until: { ...until, clock: 'wall', at: wallOf(until.at, zone) } }
    : rule
}

function inOrder(moments: readonly number[]): readonly number[] {
  return [...new Set(moments)].toSorted((a, b) => a - b)
}

function changedOccurrence(timing: Timing, change: OccurrenceChange): readonly Occurrence[] {
  switch (change.is) {
    case 'leftOut':
      return []
    case 'cancelled':
      return [{ ...occurrenceAt(timing, change.on, change.on, timing.length), isCancelled: true }]
    case 'moved':
      return [occurrenceAt(timing, change.on, change.to, change.length ?? timing.length)]
  }
}

function occurrenceAt(timing: Timing, on: number, at: number, length: number): Occurrence {
  const { zone, isWholeDays } = timing
  const startsAt = instantOfWall(at, zone)
  return {
    key: at === on ? startsAt : instantOfWall(on, zone),
    startsAt,
    endsAt: isWholeDays ? instantOfWall(at + length, zone) : startsAt + length,
    isWholeDays,
    isCancelled: false,
  }
}
