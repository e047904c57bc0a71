import type { OccurrenceChange, Repetition, Timing } from '../time/occurrences'
import { parseRule, readMoment } from '../time/recurrence/rule'
import { expandRule } from '../time/recurrence/expand'
import type { RecurrenceRule, RuleUntil } from '../time/recurrence/rule'
import { instantOfWall, isZone, wallOf } from '../time/zones'
import { readLine, readText, readTexts, unfoldedLines } from './content-lines'
import type { ContentLine } from './content-lines'
import { readDuration } from './moments'

const dayMs = 86_400_000

/** An event as a calendar file tells it. */
export interface ReadEvent {
  readonly uid: string
  readonly sequence: number
  readonly timing: Timing
  readonly title: string
  readonly summary: string
  readonly place: string
  readonly address: string
  readonly terms: readonly string[]
  readonly isCancelled: boolean
}

/** Something of a file that could not be read as it stands there. */
export interface ReadFault {
  /** The event’s title, or its UID where it has none; empty for the file. */
  readonly of: string
  readonly message: string
}

export interface ReadCalendar {
  readonly name: string
  readonly events: readonly ReadEvent[]
  readonly faults: readonly ReadFault[]
}

/** What is longer, or has more events, is refused as a whole. */
export const mostCharacters = 10_000_000
export const mostEvents = 20_000

/** A part of a file between BEGIN and END. */
interface Component {
  readonly name: string
  readonly lines: readonly ContentLine[]
  readonly parts: readonly Component[]
}

/**
 * Reads a calendar file (RFC 5545). What can’t be kept is told and left out, and never the whole file
 * for one event. `zone` is that of moments which name none; names of zones that are not IANA’s are
 * looked for at their end, as in `/example.org/Europe/London`.
 */
export function readCalendar(text: string, zone: string): ReadCalendar {
  const nothing = (message: string): ReadCalendar => ({ name: '', events: [], faults: [{ of: '', message }] })
  if (text.length > mostCharacters) return nothing('The file is too long. Give it in parts.')
  const files = componentsOf(unfoldedLines(text)).filter((part) => part.name === 'VCALENDAR')
  if (files.length === 0) return nothing('This is no calendar file: it does not begin with BEGIN:VCALENDAR.')
  const parts = files.flatMap((file) => file.parts).filter((part) => part.name === 'VEVENT')
  if (parts.length > mostEvents)
    return nothing(`The file has more than ${mostEvents} events. Give it in parts.`)
  const faults: ReadFault[] = []
  const byUid = new Map<string, Component[]>()
  for (const [at, part] of parts.entries()) {
    const uid = textOf(part, 'UID')
    if (uid === '')
      faults.push({ of: nameOf(part), message: 'It has no UID, so that it can’t be known again.' })
    const name = uid === '' ? `at ${at}` : `uid ${uid}`
    byUid.set(name, [...(byUid.get(name) ?? []), part])
  }
  const events = [...byUid.values()].flatMap((all) => {
    const read = eventOf(all, zone)
    faults.push(...read.faults)
    return read.event === null ? [] : [read.event]
  })
  const [file] = files
  return {
    name: file === undefined ? '' : textOf(file, 'NAME') || textOf(file, 'X-WR-CALNAME'),
    events,
    faults,
  }
}

function componentsOf(lines: readonly string[]): readonly Component[] {
  const root: Component & { lines: ContentLine[]; parts: Component[] } = { name: '', lines: [], parts: [] }
  const open = [root]
  for (const text of lines) {
    const line = readLine(text)
    if (line === null) continue
    const within = open.at(-1) ?? root
    if (line.name === 'BEGIN') {
      const part = { name: line.value.toUpperCase(), lines: [], parts: [] }
      within.parts.push(part)
      open.push(part)
    } else if (line.name === 'END') {
      if (open.length > 1) open.pop()
    } else within.lines.push(line)
  }
  return root.parts
}

function lineOf(part: Component, name: string): ContentLine | undefined {
  return part.lines.find((line) => line.name === name)
}

function linesOf(part: Component, name: string): readonly ContentLine[] {
  return part.lines.filter((line) => line.name === name)
}

function textOf(part: Component, name: string): string {
  return readText(lineOf(part, name)?.value ?? '').trim()
}

function nameOf(part: Component): string {
  return textOf(part, 'SUMMARY') || textOf(part, 'UID')
}

/** An event from its own component and those of its single dates. */
function eventOf(
  parts: readonly Component[],
  zone: string,
): { readonly event: ReadEvent | null; readonly faults: readonly ReadFault[] } {
  const faults: ReadFault[] = []
  const fault = (part: Component, message: string) => faults.push({ of: nameOf(part), message })
  // Of several with the same UID, the last change holds (RFC 5545, 3.8.7.4).
  const own = parts
    .filter((part) => lineOf(part, 'RECURRENCE-ID') === undefined)
    .toSorted((a, b) => sequenceOf(b) - sequenceOf(a))
  const main = own[0] ?? parts[0]
  if (main === undefined) return { event: null, faults }
  const start = lineOf(main, 'DTSTART')
  const begins = start === undefined ? null : momentsOf(start, zone)?.[0]
  if (begins === null || begins === undefined) {
    fault(main, 'It does not say when it begins, or in no form that calendars have.')
    return { event: null, faults }
  }
  const length = lengthOf(main, begins, zone)
  if (length === null) {
    fault(main, 'It ends before it begins, or says in no known form when it ends.')
    return { event: null, faults }
  }
  const timing: Timing = {
    start: begins.wall,
    length,
    isWholeDays: begins.isDay,
    zone: begins.zone,
    repeats: null,
  }
  const singles = own.length === 0 ? [] : parts.filter((part) => !own.includes(part))
  if (own.length === 0 && parts.length > 1)
    fault(main, 'The file has single dates of it and not the event: only the first is kept.')
  const repeats = repetitionOf(main, singles, timing, (part, message) => fault(part, message))
  return {
    event: {
      uid: textOf(main, 'UID'),
      sequence: sequenceOf(main),
      timing: { ...timing, repeats },
      title: textOf(main, 'SUMMARY'),
      summary: textOf(main, 'DESCRIPTION'),
      place: textOf(main, 'LOCATION'),
      address: lineOf(main, 'URL')?.value.trim() ?? '',
      terms: linesOf(main, 'CATEGORIES').flatMap((line) => readTexts(line.value)),
      isCancelled: textOf(main, 'STATUS').toUpperCase() === 'CANCELLED',
    },
    faults,
  }
}

function sequenceOf(part: Component): number {
  const number = Number(textOf(part, 'SEQUENCE'))
  return Number.isSafeInteger(number) && number >= 0 ? number : 0
}

/** A moment as a file has it: what the clock of a zone shows, or a day. */
interface ReadMoment {
  readonly wall: number
  readonly zone: string
  readonly isDay: boolean
}

/** The moments of a property; of periods, when they begin. Null where any is none. */
function momentsOf({ value, parameters }: ContentLine, zone: string): readonly ReadMoment[] | null {
  const named = zoneNamed(parameters.TZID?.[0]) ?? zone
  const read = value.split(',').map((text): ReadMoment | null => {
    const moment: RuleUntil | null = readMoment((text.split('/')[0] ?? '').trim())
    if (moment === null) return null
    return { wall: moment.at, zone: moment.clock === 'utc' ? 'UTC' : named, isDay: moment.isDay }
  })
  const known = read.filter((one) => one !== null)
  return known.length === read.length ? known : null
}

/** A zone of IANA by its name, or by the end of a longer one; null for what is none. */
function zoneNamed(name: string | undefined): string | null {
  if (name === undefined) return null
  const parts = name.split('/').filter((part) => part !== '')
  return parts.map((_, at) => parts.slice(at).join('/')).find(isZone) ?? null
}

function lengthOf(part: Component, begins: ReadMoment, zone: string): number | null {
  const [end, duration] = [lineOf(part, 'DTEND'), lineOf(part, 'DURATION')]
  if (duration !== undefined) {
    const length = readDuration(duration.value.trim())
    return length === null || !begins.isDay ? length : Math.max(dayMs, Math.ceil(length / dayMs) * dayMs)
  }
  // Without an end, a day is one day, and a moment a moment (RFC 5545, 3.6.1).
  if (end === undefined) return begins.isDay ? dayMs : 0
  const ends = momentsOf(end, zone)?.[0]
  if (ends === undefined || ends.isDay !== begins.isDay) return null
  const length = begins.isDay ? Math.max(dayMs, ends.wall - begins.wall) : instantOf(ends) - instantOf(begins)
  return length < 0 ? null : length
}

function instantOf({ wall, zone }: ReadMoment): number {
  return instantOfWall(wall, zone)
}

/** A moment by the clock of the event. */
function onClock(moment: ReadMoment, { zone, isWholeDays }: Timing): number {
  if (isWholeDays || moment.isDay || moment.zone === zone) return moment.wall
  return wallOf(instantOf(moment), zone)
}

type Told = (part: Component, message: string) => void

function repetitionOf(
  main: Component,
  singles: readonly Component[],
  timing: Timing,
  tell: Told,
): Repetition | null {
  const rules = linesOf(main, 'RRULE')
  if (rules.length > 1) tell(main, 'It repeats by several rules: only the first is kept.')
  const read = ruleOf(main, rules[0], tell)
  const dates = (name: string) =>
    linesOf(main, name).flatMap((line) => {
      const read = momentsOf(line, timing.zone)
      if (read === null) tell(main, `A date of it can’t be read: ${line.value.slice(0, 40)}.`)
      // A day leaves out what begins on it at the time of the others.
      return (read ?? []).map((one) =>
        one.isDay && !timing.isWholeDays ? one.wall + (timing.start % dayMs) : onClock(one, timing),
      )
    })
  const [added, leftOut] = [dates('RDATE'), dates('EXDATE')]
  const rule = read === null ? null : countedFrom(read, timing.start, added)
  const changes: readonly OccurrenceChange[] = [
    ...leftOut.map((on) => ({ is: 'leftOut', on }) as const),
    ...singles.flatMap((part) => changeOf(part, timing, tell)),
  ]
  return rule === null && added.length === 0 && changes.length === 0 ? null : { rule, added, changes }
}

/**
 * Where a file tells a beginning that its rule has not as a date besides, the rule counts without it;
 * ours count it.
 */
function countedFrom(rule: RecurrenceRule, start: number, added: readonly number[]): RecurrenceRule {
  if (rule.count === null || !added.includes(start)) return rule
  const isOfRule = expandRule(rule, start, { from: start, before: start + 1, most: 1 }).moments.length === 1
  return isOfRule ? rule : { ...rule, count: rule.count + 1 }
}

function ruleOf(main: Component, line: ContentLine | undefined, tell: Told): Repetition['rule'] {
  if (line === undefined) return null
  const parsed = parseRule(line.value.trim().toUpperCase())
  if (parsed.ok) return parsed.value
  tell(main, `How it repeats can’t be kept: ${parsed.faults[0]?.message ?? line.value}`)
  return null
}

function changeOf(part: Component, timing: Timing, tell: Told): readonly OccurrenceChange[] {
  const id = lineOf(part, 'RECURRENCE-ID')
  const moment = id === undefined ? undefined : momentsOf(id, timing.zone)?.[0]
  if (id === undefined || moment === undefined) {
    tell(part, 'A changed date of it does not say which one it is.')
    return []
  }
  if (id.parameters.RANGE !== undefined)
    tell(part, 'A change of all later dates is kept for the one that it names.')
  const on = onClock(moment, timing)
  if (textOf(part, 'STATUS').toUpperCase() === 'CANCELLED') return [{ is: 'cancelled', on }]
  const start = lineOf(part, 'DTSTART')
  const begins = start === undefined ? undefined : momentsOf(start, timing.zone)?.[0]
  const length = begins === undefined ? null : lengthOf(part, begins, timing.zone)
  if (begins === undefined || length === null || begins.isDay !== timing.isWholeDays) {
    tell(part, 'A moved date of it does not say when it is now.')
    return []
  }
  return [{ is: 'moved', on, to: onClock(begins, timing), length: length === timing.length ? null : length }]
}
