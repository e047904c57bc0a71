import { dayMs, dayPasses, midnight, placeOfWeekday, weekdayOf } from './days'
import type { Frequency, RecurrenceRule } from './rule'

const hourMs = 3_600_000
const minuteMs = 60_000

/** How a rule's stretches of time (its years, its days, its minutes) follow each other. */
interface Periods {
  /** The beginning of the period so many after that of the start. */
  readonly at: (number: number) => number
  /** The number of the last period that begins at or before a moment. */
  readonly numberOf: (moment: number) => number
}

const lengths: Readonly<Partial<Record<Frequency, number>>> = {
  WEEKLY: 7 * dayMs,
  DAILY: dayMs,
  HOURLY: hourMs,
  MINUTELY: minuteMs,
  SECONDLY: 1000,
}

/** The periods of a rule from that of its start. All moments are what the clock shows, as if UTC. */
export function periodsOf({ frequency, weekStart }: RecurrenceRule, start: number): Periods {
  const length = lengths[frequency]
  if (length !== undefined) {
    const day = Math.floor(start / dayMs) * dayMs
    const first =
      frequency === 'WEEKLY'
        ? day - ((weekdayOf(day) - placeOfWeekday(weekStart) + 7) % 7) * dayMs
        : Math.floor(start / length) * length
    return {
      at: (number) => first + number * length,
      numberOf: (moment) => Math.floor((moment - first) / length),
    }
  }
  const date = new Date(start)
  const year = date.getUTCFullYear()
  if (frequency === 'YEARLY')
    return {
      at: (number) => midnight(year + number, 1, 1),
      numberOf: (moment) => new Date(moment).getUTCFullYear() - year,
    }
  const month = date.getUTCMonth()
  return {
    at: (number) => midnight(year, month + 1 + number, 1),
    numberOf: (moment) => {
      const of = new Date(moment)
      return (of.getUTCFullYear() - year) * 12 + of.getUTCMonth() - month
    },
  }
}

/** The moments of a period that a rule asks for, in order, before BYSETPOS chooses of them. */
export function momentsIn(rule: RecurrenceRule, from: number, before: number): readonly number[] {
  const first = Math.floor(from / dayMs) * dayMs
  const days = Math.ceil((before - first) / dayMs)
  return Array.from({ length: days }, (_, at) => first + at * dayMs)
    .filter((day) => dayPasses(rule, day))
    .flatMap((day) =>
      timesIn(rule, Math.max(0, from - day), Math.min(dayMs, before - day)).map((at) => day + at),
    )
}

/** The times of a day that a rule asks for, between two times of it, in milliseconds since midnight. */
function timesIn(rule: RecurrenceRule, from: number, before: number): readonly number[] {
  const hours = within(rule.hours, Math.floor(from / hourMs), Math.ceil(before / hourMs), 24)
  return hours.flatMap((hour) => {
    const start = hour * hourMs
    const minutes = within(
      rule.minutes,
      Math.floor((from - start) / minuteMs),
      Math.ceil((before - start) / minuteMs),
      60,
    )
    return minutes.flatMap((minute) => {
      const at = start + minute * minuteMs
      return within(rule.seconds, Math.floor((from - at) / 1000), Math.ceil((before - at) / 1000), 60).map(
        (second) => at + second * 1000,
      )
    })
  })
}

/** Those of the numbers that lie between the two, in order and once each; all where none is asked for. */
function within(asked: readonly number[], from: number, before: number, most: number): readonly number[] {
  const [first, end] = [Math.max(0, from), Math.min(most, before)]
  if (asked.length === 0) return Array.from({ length: Math.max(0, end - first) }, (_, at) => first + at)
  return [...new Set(asked)].filter((one) => one >= first && one < end).toSorted((a, b) => a - b)
}

/** Where the next moment may lie at the earliest, when there is none in a period that begins here. */
export function nextChance(rule: RecurrenceRule, from: number): number {
  const day = Math.floor(from / dayMs) * dayMs
  if (!dayPasses(rule, day)) return day + dayMs
  const hour = Math.floor(from / hourMs) * hourMs
  if (rule.hours.length > 0 && !rule.hours.includes((hour - day) / hourMs)) return hour + hourMs
  const minute = Math.floor(from / minuteMs) * minuteMs
  return rule.minutes.length > 0 && !rule.minutes.includes((minute - hour) / minuteMs)
    ? minute + minuteMs
    : from
}
