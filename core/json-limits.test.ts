import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { isTooMuchJson, jsonFault, jsonLimits } from './json-limits'

describe('the limits of what is sent', () => {
  it('let through whatever stays within them', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 8 }), (value) => {
        const text = JSON.stringify(value)
        expect(isTooMuchJson(text)).toBe(false)
      }),
    )
    expect(jsonFault({ title: 'Rain', ids: [1, 2], nested: { on: true, none: null } })).toBeNull()
  })

  it.each([
    ['nested too deep', '['.repeat(jsonLimits.depth + 1)],
    ['too many empty ones', `[${'[],'.repeat(jsonLimits.values)}1]`],
    ['too many members', `{${'"a":1,'.repeat(jsonLimits.values)}"a":1}`],
  ])('are told before anything is parsed: %s', (_, text) => {
    expect(isTooMuchJson(text)).toBe(true)
  })

  it('count nothing within texts', () => {
    expect(isTooMuchJson(JSON.stringify({ text: '[{,:'.repeat(200_000), quoted: '"\\"['.repeat(9) }))).toBe(
      false,
    )
  })

  it.each([
    ['a NUL', { a: ['x', 'b\0'] }, 'a[1]'],
    ['half a pair', { text: 'x\ud800' }, 'text'],
    ['a number beyond all', JSON.parse('{"n":{"m":1e999}}'), 'n.m'],
    ['a name of every object', JSON.parse('{"a":{"toString":1}}'), 'a'],
    ['the way to every object', JSON.parse('{"__proto__":{"x":1}}'), ''],
    ['a long list', { ids: Array.from({ length: jsonLimits.items + 1 }, () => 1) }, 'ids'],
    ['a long name', { ['n'.repeat(300)]: 1 }, ''],
  ])('refuse %s and say where, but not what', (_, value, path) => {
    const fault = jsonFault(value)
    expect(fault?.path).toBe(path)
    expect(fault?.message.length).toBeLessThan(100)
  })
})
