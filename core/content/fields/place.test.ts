import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { place } from './place'

const degree = (limit: number) =>
  fc.integer({ min: -limit * 1e6, max: limit * 1e6 }).map((millionths) => millionths / 1e6)
const addresses = fc.constantFrom('', 'Long shed, Sorrel Hill', '12 Mill Lane')
keepsPromises(
  place,
  fc.record({
    settings: fc.constant({}),
    value: fc.oneof(
      fc.record({ latitude: degree(90), longitude: degree(180), address: addresses }),
      fc.constant({ latitude: null, longitude: null, address: 'The orchard gate' }),
    ),
  }),
)

describe('a place', () => {
  it.each([
    [{ latitude: 90.1, longitude: 0, address: '' }, 'latitude'],
    [{ latitude: 0, longitude: -180.5, address: '' }, 'longitude'],
    [{ latitude: 51, longitude: null, address: 'Shed' }, 'longitude'],
    [{ latitude: null, longitude: null, address: 'x'.repeat(301) }, 'address'],
    [{ latitude: null, longitude: null, address: '' }, ''],
  ])('names what is wrong in %j', (value, path) => {
    const outcome = place.parse(value, {})
    expect(outcome.ok ? null : outcome.faults[0]?.path).toBe(path)
  })

  it('keeps about a tenth of a metre', () => {
    expect(place.parse({ latitude: 51.12345678, longitude: -0.00000001, address: '' }, {})).toEqual({
      ok: true,
      value: { latitude: 51.123457, longitude: 0, address: '' },
    })
  })

  it('says the point where there is no address', () => {
    expect(place.format({ latitude: 51.5, longitude: -0.12, address: '' }, {}, fieldPlace)).toBe(
      '51.5° N, 0.12° W',
    )
    expect(messageOf(place.read('', {}, fieldPlace))).toBe('Give an address or a point.')
  })
})
