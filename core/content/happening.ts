import { mixed, object } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Fault, Parsed } from '../parsing'
import { idSchema } from '../schemas'
import type { Occurrence, Timing } from '../time/occurrences'
import { instantOfWall, isZone, wallOf } from '../time/zones'
import type { Field, FieldValues } from './field'
import type { FieldTypeName } from './fields'
import { dayStart } from './fields/date'
import { repetitionOf } from './fields/repetition'
import type { RecurrenceValue } from './fields/repetition'

const dayMs = 86_400_000
const minuteMs = 60_000

/** Which fields of a collection say when its entries happen. */
export interface When {
  /** Of days or moments. */
  readonly start: number
  /** Of the same type as the start: the last day, or the moment when it ends. */
  readonly end: number | null
  /** How long it lasts; only where no field says when it ends. */
  readonly length: number | null
  /** Yes where moments stand for their days. */
  readonly wholeDays: number | null
  readonly repeats: number | null
  /** The time zone of the event; null for the site's. */
  readonly zone: number | null
}

/** Which fields of a collection say when its entries happen, where, and in which room or line. */
export interface Happening {
  readonly when: When | null
  readonly where: number | null
  readonly track: number | null
}

/** What a collection says whose entries do not happen. */
export const happensNever: Happening = { when: null, where: null, track: null }

/** The types of field that may say what. */
export const typesFor = {
  start: ['date', 'date-time'],
  end: ['date', 'date-time'],
  length: ['duration'],
  wholeDays: ['yes-no'],
  repeats: ['recurrence'],
  zone: ['zone'],
  where: ['place', 'short-text', 'choice', 'reference'],
  track: ['choice', 'short-text', 'reference'],
} as const satisfies Readonly<Record<string, readonly FieldTypeName[]>>
export type HappeningPart = keyof typeof typesFor

const field = () => idSchema().nullable().defined()

const whenSchema = object({
  start: idSchema().required('Choose the field that says when it begins.'),
  end: field(),
  length: field(),
  wholeDays: field(),
  repeats: field(),
  zone: field(),
}).noUnknown('This is not part of when: ${unknown}.')

const schema = object({
  when: mixed()
    .nullable()
    .defined('Say when, or that nothing does.')
    .test('when', 'Say which field tells when it begins.', function (value: unknown) {
      if (value === null) return true
      const parsed = parseWith<unknown>(whenSchema.required(), value)
      if (parsed.ok) return true
      const [first] = parsed.faults
      return this.createError({
        path: first === undefined || first.path === '' ? 'when' : `when.${first.path}`,
        message: first?.message ?? 'Say which field tells when it begins.',
      })
    }),
  where: field(),
  track: field(),
})
  .noUnknown('This is not part of it: ${unknown}.')
  .required() as unknown as Schema<Happening>

/** Reads which fields say when, where and in which line: each must be there and of a type that can. */
export function parseHappening(input: unknown, fields: readonly Field[]): Parsed<Happening> {
  const parsed = parseWith<Happening>(schema, input)
  if (!parsed.ok) return parsed
  const faults = faultsIn(parsed.value, fields)
  return faults.length > 0 ? { ok: false, faults } : parsed
}

function faultsIn({ when, where, track }: Happening, fields: readonly Field[]): readonly Fault[] {
  const typeOf = (id: number | null) => fields.find((one) => one.id === id)?.type
  const check = (part: HappeningPart, id: number | null, path: string): readonly Fault[] =>
    id === null || can(part, id, fields)
      ? []
      : [{ path, message: 'This field is gone or of another type. Choose one of those there are.' }]
  if (when === null) return [...check('where', where, 'where'), ...check('track', track, 'track')]
  const mixedTypes = when.end !== null && typeOf(when.end) !== typeOf(when.start)
  const isOfDays = typeOf(when.start) === 'date'
  return [
    ...(['start', 'end', 'length', 'wholeDays', 'repeats', 'zone'] as const).flatMap((part) =>
      check(part, when[part], `when.${part}`),
    ),
    ...check('where', where, 'where'),
    ...check('track', track, 'track'),
    ...(mixedTypes
      ? [
          {
            path: 'when.end',
            message: 'Days end with a day, moments with a moment: choose a field like the first.',
          },
        ]
      : []),
    ...(when.end !== null && when.length !== null
      ? [{ path: 'when.length', message: 'Say when it ends or how long it lasts, not both.' }]
      : []),
    ...(isOfDays && (when.length !== null || when.wholeDays !== null || when.zone !== null)
      ? [{ path: 'when.start', message: 'Days have no length, no zone, and are whole. Leave those out.' }]
      : []),
  ]
}

/** Which fields say when, of those that still can: without one for the start, none does. */
export function presentWhen({ when }: Happening, fields: readonly Field[]): When | null {
  if (when === null || !can('start', when.start, fields)) return null
  const present = (part: Exclude<HappeningPart, 'where' | 'track'>) =>
    can(part, when[part], fields) ? when[part] : null
  return {
    start: when.start,
    end: present('end'),
    length: present('length'),
    wholeDays: present('wholeDays'),
    repeats: present('repeats'),
    zone: present('zone'),
  }
}

function can(part: HappeningPart, id: number | null, fields: readonly Field[]): boolean {
  const types: readonly FieldTypeName[] = typesFor[part]
  return fields.some((one) => one.id === id && types.includes(one.type))
}

/**
 * When an entry happens, from its values; null where it does not say when it begins. What ends
 * before it begins ends at once, on its first day.
 */
export function timingOf(when: When, values: FieldValues, siteZone: string): Timing | null {
  const of = (id: number | null) => (id === null ? undefined : values[id])
  const zone = zoneOf(when, values, siteZone)
  const repeated = of(when.repeats)
  const repeats = repeated === undefined ? null : repetitionOf(repeated as RecurrenceValue)
  const [start, end] = [of(when.start), of(when.end)]
  if (typeof start === 'string')
    return daysTiming(dayStart(start), dayStart(String(end ?? start)), zone, repeats)
  if (typeof start !== 'number') return null
  const begins = wallOf(start, zone)
  const ends = typeof end === 'number' ? end : start
  if (of(when.wholeDays) === true) return daysTiming(dayIn(begins), dayIn(wallOf(ends, zone)), zone, repeats)
  const seconds = of(when.length)
  const length = typeof seconds === 'number' ? seconds * 1000 : Math.max(0, ends - start)
  // Single dates of a rule are named by the minute.
  const first = repeats === null ? begins : Math.floor(begins / minuteMs) * minuteMs
  return { start: first, length, isWholeDays: false, zone, repeats }
}

/** The values of an entry as they are on one of its dates: its start and end are those of that date. */
export function valuesOn(
  when: When,
  values: FieldValues,
  { startsAt, endsAt, isWholeDays }: Occurrence,
  siteZone: string,
): FieldValues {
  const zone = zoneOf(when, values, siteZone)
  const isOfDays = typeof values[when.start] === 'string'
  const dayOf = (instant: number) => new Date(dayIn(wallOf(instant, zone))).toISOString().slice(0, 10)
  // Whole days end as the next one begins; what is told is the last of them.
  const last = isWholeDays ? instantOfWall(wallOf(endsAt, zone) - dayMs, zone) : endsAt
  return {
    ...values,
    [when.start]: isOfDays ? dayOf(startsAt) : startsAt,
    ...(when.end !== null && values[when.end] !== undefined && { [when.end]: isOfDays ? dayOf(last) : last }),
  }
}

/**
 * The values of an entry once it happens in another zone, as its field says that or null for the site's:
 * clocks show the same there when it begins and ends, so that the instants are others.
 */
export function valuesInZone(when: When, values: FieldValues, named: unknown, siteZone: string): FieldValues {
  if (when.zone === null) return values
  const changed: Record<number, unknown> = { ...values, [when.zone]: named }
  const [before, after] = [zoneOf(when, values, siteZone), zoneOf(when, changed, siteZone)]
  for (const id of [when.start, when.end]) {
    const instant = id === null ? undefined : values[id]
    if (id !== null && typeof instant === 'number')
      changed[id] = instantOfWall(wallOf(instant, before), after)
  }
  return changed
}

/** The zone in which an entry happens: its own where it says one that there is, else the site's. */
export function zoneOf({ zone }: Pick<When, 'zone'>, values: FieldValues, siteZone: string): string {
  const named = zone === null ? undefined : values[zone]
  return typeof named === 'string' && isZone(named) ? named : siteZone
}

function dayIn(wall: number): number {
  return Math.floor(wall / dayMs) * dayMs
}

function daysTiming(
  first: number | null,
  last: number | null,
  zone: string,
  repeats: Timing['repeats'],
): Timing | null {
  if (first === null) return null
  const days = Math.max(1, ((last ?? first) - first) / dayMs + 1)
  return { start: first, length: days * dayMs, isWholeDays: true, zone, repeats }
}
