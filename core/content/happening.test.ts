import { describe, expect, it } from 'vitest'
import type { Field } from './field'
import type { FieldTypeName } from './fields'
import { happensNever, parseHappening, presentWhen, timingOf, valuesInZone } from './happening'
import type { When } from './happening'

const types: readonly FieldTypeName[] = [
  'date-time',
  'date-time',
  'duration',
  'yes-no',
  'recurrence',
  'zone',
  'place',
  'choice',
  'date',
  'date',
]
const fields = types.map((type, at): Field => ({
  id: at + 1,
  key: `f${at}`,
  name: `Field ${at}`,
  type,
  settings: {},
  required: false,
  help: '',
  fallback: null,
  filterable: false,
  sortable: false,
}))
const [starts, ends, lasts, whole, repeats, zone, place, room, day, lastDay] = fields.map((field) => field.id)
const when = (more: Partial<When> = {}): When => ({
  start: starts ?? 0,
  end: null,
  length: null,
  wholeDays: null,
  repeats: null,
  zone: null,
  ...more,
})
const faultsOf = (input: unknown) => {
  const parsed = parseHappening(input, fields)
  return parsed.ok ? [] : parsed.faults.map((fault) => `${fault.path}: ${fault.message}`)
}

describe('which fields say when', () => {
  it('takes fields of types that can', () => {
    const happening = {
      when: when({ end: ends, wholeDays: whole, repeats, zone }),
      where: place ?? null,
      track: room ?? null,
    }
    expect(parseHappening(happening, fields)).toEqual({ ok: true, value: happening })
    expect(parseHappening(happensNever, fields)).toEqual({ ok: true, value: happensNever })
    expect(faultsOf({ ...happensNever, when: when({ start: day, end: lastDay, repeats }) })).toEqual([])
  })

  it.each([
    [
      { when: when({ start: 99 }) },
      'when.start: This field is gone or of another type. Choose one of those there are.',
    ],
    [
      { when: when({ repeats: place }) },
      'when.repeats: This field is gone or of another type. Choose one of those there are.',
    ],
    [{ track: place }, 'track: This field is gone or of another type. Choose one of those there are.'],
    [
      { when: when({ end: day }) },
      'when.end: Days end with a day, moments with a moment: choose a field like the first.',
    ],
    [
      { when: when({ end: ends, length: lasts }) },
      'when.length: Say when it ends or how long it lasts, not both.',
    ],
    [
      { when: when({ start: day, zone }) },
      'when.start: Days have no length, no zone, and are whole. Leave those out.',
    ],
    [{ when: { end: null } }, 'when.start: Choose the field that says when it begins.'],
    [{ when: 'soon' }, /^when: /],
    [{ else: 1 }, ': This is not part of it: else.'],
  ])('refuses %j', (part, message) => {
    const [first] = faultsOf({ ...happensNever, ...part })
    if (typeof message === 'string') expect(first).toBe(message)
    else expect(first).toMatch(message)
  })

  it('says nothing any more by a field that is gone, or has become another', () => {
    const said = { ...happensNever, when: when({ end: ends, repeats }) }
    const without = (id: number | undefined) => fields.filter((field) => field.id !== id)
    expect(presentWhen(said, without(repeats))).toEqual(when({ end: ends }))
    expect(presentWhen(said, without(starts))).toBeNull()
    const others = fields.map((field) =>
      field.id === starts ? { ...field, type: 'short-text' as const } : field,
    )
    expect(presentWhen(said, others)).toBeNull()
  })
})

describe('when an entry happens', () => {
  const at = (text: string) => Date.parse(text)
  const wall = (text: string) => Date.parse(`${text}Z`)
  const values = (of: Record<number, unknown>) => of
  const [s, e, l, w, r, z, d, d2] = [starts, ends, lasts, whole, repeats, zone, day, lastDay].map(
    (id) => id ?? 0,
  ) as [number, number, number, number, number, number, number, number]
  const hour = 3_600_000

  it.each([
    // British clocks are an hour ahead in July.
    [
      when({ end: e }),
      values({ [s]: at('2026-07-04T09:00Z'), [e]: at('2026-07-04T12:00Z') }),
      '2026-07-04T10:00',
      3,
      false,
    ],
    [
      when({ length: l }),
      values({ [s]: at('2026-07-04T09:00Z'), [l]: 5400 }),
      '2026-07-04T10:00',
      1.5,
      false,
    ],
    [when(), values({ [s]: at('2026-07-04T09:00Z') }), '2026-07-04T10:00', 0, false],
    [
      when({ end: e }),
      values({ [s]: at('2026-07-04T09:00Z'), [e]: at('2026-07-03T09:00Z') }),
      '2026-07-04T10:00',
      0,
      false,
    ],
    [
      when({ end: e, wholeDays: w }),
      values({ [s]: at('2026-07-04T09:00Z'), [e]: at('2026-07-05T22:30Z'), [w]: true }),
      '2026-07-04T00:00',
      48,
      true,
    ],
    [
      when({ start: d, end: d2 }),
      values({ [d]: '2026-12-31', [d2]: '2027-01-02' }),
      '2026-12-31T00:00',
      72,
      true,
    ],
    [when({ start: d }), values({ [d]: '2026-12-31' }), '2026-12-31T00:00', 24, true],
    [
      when({ start: d, end: d2 }),
      values({ [d]: '2026-12-31', [d2]: '2026-12-01' }),
      '2026-12-31T00:00',
      24,
      true,
    ],
  ])('%#: is by the wall clock', (by, of, start, hours, isWholeDays) => {
    expect(timingOf(by, of, 'Europe/London')).toEqual({
      start: wall(start),
      length: hours * hour,
      isWholeDays,
      zone: 'Europe/London',
      repeats: null,
    })
  })

  it('goes by the clock of its own zone, where it has one that there is', () => {
    const of = { [s]: at('2026-07-04T09:00Z'), [z]: 'Asia/Kathmandu' }
    expect(timingOf(when({ zone: z }), of, 'Europe/London')).toMatchObject({
      start: wall('2026-07-04T14:45'),
      zone: 'Asia/Kathmandu',
    })
    const unknown = { ...of, [z]: 'Sorrel/Hill' }
    expect(timingOf(when({ zone: z }), unknown, 'Europe/London')?.zone).toBe('Europe/London')
  })

  it('stays by the wall clock when its zone is changed', () => {
    const says = when({ end: e, zone: z })
    const of = { [s]: at('2026-07-04T09:00Z'), [e]: at('2026-07-04T12:00Z') }
    const moved = valuesInZone(says, of, 'Asia/Kathmandu', 'Europe/London')
    expect(moved).toEqual({
      [s]: at('2026-07-04T04:15Z'),
      [e]: at('2026-07-04T07:15Z'),
      [z]: 'Asia/Kathmandu',
    })
    expect(valuesInZone(says, moved, null, 'Europe/London')).toEqual({ ...of, [z]: null })
    // What is half typed, or of a collection without zones, stays as it is.
    expect(valuesInZone(says, { [s]: '4 July' }, 'Asia/Kathmandu', 'Europe/London')[s]).toBe('4 July')
    expect(valuesInZone(when({ end: e }), of, 'Asia/Kathmandu', 'Europe/London')).toBe(of)
  })

  it('repeats by its rule; without a beginning it does not happen', () => {
    const of = { [s]: at('2026-07-04T09:00Z'), [r]: 'FREQ=WEEKLY' }
    expect(timingOf(when({ repeats: r }), of, 'UTC')?.repeats?.rule?.frequency).toBe('WEEKLY')
    expect(timingOf(when({ repeats: r }), { [r]: 'FREQ=WEEKLY' }, 'UTC')).toBeNull()
  })
})
