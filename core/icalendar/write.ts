import type { OccurrenceChange, Repetition, Timing } from '../time/occurrences'
import { expandRule } from '../time/recurrence/expand'
import type { RecurrenceRule, RuleUntil } from '../time/recurrence/rule'
import { ruleText } from '../time/recurrence/rule-text'
import { instantOfWall, wallOf } from '../time/zones'
import { foldedText, textValue } from './content-lines'
import { dayStamp, durationText, utcStamp, wallStamp } from './moments'
import { timeZoneLines } from './time-zone'

const dayMs = 86_400_000
/** What repeats without end is told by its rule; its zone for so long after the first and from now. */
const zoneAhead = 10 * 366 * dayMs

/** Something that happens, as calendar files tell it. */
export interface CalendarEvent {
  /** The same for as long as there is the event, and that of no other. */
  readonly uid: string
  /** Rises with every change of the event. */
  readonly sequence: number
  /** When it was changed last, epoch milliseconds. */
  readonly changedAt: number
  readonly timing: Timing
  readonly title: string
  readonly summary: string
  /** Empty for none. */
  readonly place: string
  readonly address: string
  readonly terms: readonly string[]
}

export interface CalendarFile {
  /** Empty for a file of one event, which is put into a calendar that has its own name. */
  readonly name: string
  readonly events: readonly CalendarEvent[]
}

/** Programs that subscribe to a calendar are asked to look again after this (RFC 7986, 5.7). */
const refresh = 'PT1H'

/**
 * A calendar file (RFC 5545, RFC 7986) with the zones that its events go by. `now` (epoch milliseconds)
 * says for how long zones are told; the same events at the same day give the same bytes.
 */
export function calendarText({ name, events }: CalendarFile, now: number): string {
  return foldedText([
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Bushel//Calendar//EN',
    'CALSCALE:GREGORIAN',
    'METHOD:PUBLISH',
    ...(name === ''
      ? []
      : [
          `NAME:${textValue(name)}`,
          `X-WR-CALNAME:${textValue(name)}`,
          `REFRESH-INTERVAL;VALUE=DURATION:${refresh}`,
          `X-PUBLISHED-TTL:${refresh}`,
        ]),
    ...zonesOf(events, now),
    ...events.flatMap(eventLines),
    'END:VCALENDAR',
  ])
}

/** Each zone once, from the first that goes by it, by the day. */
function zonesOf(events: readonly CalendarEvent[], now: number): readonly string[] {
  const first = new Map<string, { from: number; to: number }>()
  for (const { timing } of events) {
    if (timing.isWholeDays || timing.zone === 'UTC') continue
    const moments = momentsOf(timing)
    const known = first.get(timing.zone) ?? { from: Infinity, to: now }
    first.set(timing.zone, {
      from: Math.min(known.from, ...moments),
      to: Math.max(known.to, ...moments),
    })
  }
  return [...first].flatMap(([zone, { from, to }]) => {
    const day = Math.floor(from / dayMs - 1) * dayMs
    return timeZoneLines(zone, day, Math.floor(to / dayMs) * dayMs + zoneAhead)
  })
}

/** What an event says of moments by the wall clock. */
function momentsOf({ start, repeats }: Timing): readonly number[] {
  const moved = repeats?.changes.flatMap((one) => (one.is === 'moved' ? [one.to] : [])) ?? []
  return [start, ...(repeats?.added ?? []), ...moved]
}

function eventLines(event: CalendarEvent): readonly string[] {
  const { timing } = event
  const changes = timing.repeats?.changes ?? []
  return [
    ...component(event, [...begins(timing, timing.start, timing.length), ...repeatLines(timing)]),
    ...changes.flatMap((change) => changeLines(event, change)),
  ]
}

function component(event: CalendarEvent, when: readonly string[], isCancelled = false): readonly string[] {
  return [
    'BEGIN:VEVENT',
    `UID:${textValue(event.uid)}`,
    `DTSTAMP:${utcStamp(event.changedAt)}`,
    `LAST-MODIFIED:${utcStamp(event.changedAt)}`,
    `SEQUENCE:${event.sequence}`,
    ...when,
    `SUMMARY:${textValue(event.title)}`,
    ...(event.summary === '' ? [] : [`DESCRIPTION:${textValue(event.summary)}`]),
    ...(event.place === '' ? [] : [`LOCATION:${textValue(event.place)}`]),
    ...(event.address === '' ? [] : [`URL:${event.address}`]),
    ...(event.terms.length === 0 ? [] : [`CATEGORIES:${event.terms.map(textValue).join(',')}`]),
    ...(isCancelled ? ['STATUS:CANCELLED'] : []),
    'END:VEVENT',
  ]
}

/** A property with moments, as an event of this kind tells them. */
function moments(name: string, timing: Timing, walls: readonly number[]): string {
  if (timing.isWholeDays) return `${name};VALUE=DATE:${walls.map(dayStamp).join(',')}`
  if (timing.zone === 'UTC') return `${name}:${walls.map(utcStamp).join(',')}`
  return `${name};TZID=${timing.zone}:${walls.map(wallStamp).join(',')}`
}

function begins(timing: Timing, wall: number, length: number): readonly string[] {
  return [
    moments('DTSTART', timing, [wall]),
    ...(length === 0 ? [] : [`DURATION:${durationText(length, timing.isWholeDays)}`]),
  ]
}

function repeatLines(timing: Timing): readonly string[] {
  const { start, repeats } = timing
  if (repeats === null) return []
  const { rule, isStart } = toldRule(timing, repeats)
  const leftOut = repeats.changes.flatMap((one) => (one.is === 'leftOut' ? [one.on] : []))
  // What is changed needs a date of its own to be one of the event's.
  const changed = repeats.changes.flatMap((one) => (one.is === 'leftOut' ? [] : [one.on]))
  const beyond = [...repeats.added, ...changed].filter((on) => rule === null || !isOfRule(rule, start, on))
  // Programs differ in whether a beginning counts that neither a rule nor a list has: it is told too.
  const isUntold = !isStart && (rule !== null || beyond.length > 0)
  const named = new Set([...(isUntold ? [start] : []), ...beyond])
  return [
    ...(rule === null ? [] : [`RRULE:${ruleText(rule, (until) => untilText(until, timing))}`]),
    ...(named.size === 0
      ? []
      : [
          moments(
            'RDATE',
            timing,
            [...named].toSorted((a, b) => a - b),
          ),
        ]),
    ...(leftOut.length === 0 ? [] : [moments('EXDATE', timing, leftOut)]),
  ]
}

/** The rule as a file tells it: a beginning that it has not counts for none of its dates there. */
function toldRule(
  { start }: Timing,
  { rule }: Repetition,
): { readonly rule: RecurrenceRule | null; readonly isStart: boolean } {
  if (rule === null) return { rule, isStart: false }
  if (isOfRule(rule, start, start)) return { rule, isStart: true }
  const told = rule.count === null ? rule : { ...rule, count: rule.count - 1 }
  return { rule: told.count === 0 ? null : told, isStart: false }
}

function isOfRule(rule: RecurrenceRule, start: number, on: number): boolean {
  return expandRule(rule, start, { from: on, before: on + 1, most: 1 }).moments.length === 1
}

/** The end of a rule by the same kind of moment as the beginning: by UTC where that has a zone (3.3.10). */
function untilText({ clock, at, isDay }: RuleUntil, { isWholeDays, zone }: Timing): string {
  if (isWholeDays) return dayStamp(clock === 'utc' ? wallOf(at, zone) : at)
  if (clock === 'utc') return utcStamp(at)
  const last = isDay ? at + dayMs - 1000 : at
  return utcStamp(zone === 'UTC' ? last : instantOfWall(last, zone))
}

function changeLines(event: CalendarEvent, change: OccurrenceChange): readonly string[] {
  const { timing } = event
  const on = moments('RECURRENCE-ID', timing, [change.on])
  switch (change.is) {
    case 'leftOut':
      return []
    case 'cancelled':
      return component(event, [on, ...begins(timing, change.on, timing.length)], true)
    case 'moved':
      return component(event, [on, ...begins(timing, change.to, change.length ?? timing.length)])
  }
}
