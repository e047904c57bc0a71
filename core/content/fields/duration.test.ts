import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { duration, isoDuration } from './duration'

const seconds = fc.integer({ min: 0, max: 8_640_000 })
keepsPromises(duration, fc.record({ settings: fc.constant(duration.defaults), value: seconds }))

describe('a duration', () => {
  it.each([
    ['PT1H20M', 4800],
    ['P1DT1S', 86_401],
    ['P1W', 604_800],
    ['PT0.5H', 1800],
    ['4:30', 270],
    ['1:20:00', 4800],
    ['1 h 20 min', 4800],
    ['80 min', 4800],
    ['1.5 hours', 5400],
    ['90s', 90],
  ])('reads %s', (text, value) => {
    expect(duration.read(text, duration.defaults, fieldPlace)).toEqual({ ok: true, value })
  })

  it.each(['soon', 'P', 'PT', 'P1M', '4:75', '-5 min', '1 fortnight', ''])('refuses “%s”', (text) => {
    expect(messageOf(duration.read(text, duration.defaults, fieldPlace))).toBe(
      'This takes a duration, such as 1 h 20 min or 4:30.',
    )
  })

  // The grammar of RFC 3339, appendix A, for durations of hours, minutes and seconds.
  it('is written as ISO 8601 has it, and read as it is written', () => {
    fc.assert(
      fc.property(seconds, (value) => {
        const written = isoDuration(value)
        expect(written).toMatch(/^PT(?:\d+H)?(?:\d+M)?(?:\d+S)?$/)
        expect(written).not.toBe('PT')
        expect(duration.read(written, duration.defaults, fieldPlace)).toEqual({ ok: true, value })
      }),
    )
  })

  it('keeps to its limits', () => {
    expect(messageOf(duration.parse(30, { least: 60, most: null }))).toBe('Use PT1M or longer.')
    expect(duration.parse(90, { least: 60, most: 60 }).ok).toBe(false)
  })

  it('reads well', () => {
    expect(duration.format(4800, duration.defaults, fieldPlace)).toBe('1 hr 20 mins')
    expect(duration.format(45, duration.defaults, fieldPlace)).toBe('45 secs')
  })
})
