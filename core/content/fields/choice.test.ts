import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { choice } from './choice'

const options = [
  { key: 'packet', title: 'Packet' },
  { key: 'jar', title: 'Jar, with a lid' },
  { key: 'sapling', title: 'Sapling' },
] as const
const many = { options, many: true }
const one = { options, many: false }

keepsPromises(
  choice,
  fc.record({
    settings: fc.constant(many),
    value: fc.subarray(
      options.map((option) => option.key),
      { minLength: 1 },
    ),
  }),
)

describe('a choice', () => {
  it('is kept in the order of the list, each once', () => {
    expect(choice.parse(['sapling', 'packet', 'sapling'], many)).toEqual({
      ok: true,
      value: ['packet', 'sapling'],
    })
    expect(choice.parse('jar', one)).toEqual({ ok: true, value: ['jar'] })
  })

  it('reads names and keys, and a name that has a comma in it', () => {
    expect(choice.read('Jar, with a lid', one, fieldPlace)).toEqual({ ok: true, value: ['jar'] })
    expect(choice.read('SAPLING; packet', many, fieldPlace)).toEqual({
      ok: true,
      value: ['packet', 'sapling'],
    })
  })

  it('refuses what is not in the list, and more than one where one is meant', () => {
    expect(messageOf(choice.parse(['crate'], many))).toBe('“crate” is not one of the choices.')
    expect(messageOf(choice.parse(['packet', 'jar'], one))).toBe('Choose one only.')
    expect(messageOf(choice.parse([], many))).toBe('Choose from the list.')
  })

  it('orders by the list', () => {
    expect(options.map(({ key }) => choice.sortKey?.([key], one))).toEqual([0, 1, 2])
  })

  it('wants names that differ', () => {
    const twice = [
      { key: 'a', title: 'Packet' },
      { key: 'b', title: 'packet' },
    ]
    expect(() => choice.settings.validateSync({ options: twice, many: false })).toThrow(
      'Two choices have the same name.',
    )
  })
})
