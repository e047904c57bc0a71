import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { listings } from '~~/tests/support/arbitraries'
import { defaultShape, shapes, switchedShape } from '../shapes'
import type { ShapeChoice } from '../shapes'
import { defaultAmount } from './amount'
import { newListing, parseListing, storedListing } from './definition'
import { fromAll } from './from'
import { upgraded } from './upgrade'

function faultsOf(input: unknown) {
  const parsed = parseListing(input)
  return parsed.ok ? [] : parsed.faults.map((fault) => fault.path)
}

const valid = { version: 3, name: 'Latest', from: { collections: [7] } }

/** A group in a group, so many deep. */
function nested(depth: number): object {
  return { rule: 'group', join: 'all', rules: depth === 1 ? [] : [nested(depth - 1)] }
}

describe('a listing definition', () => {
  it('is read back as it was stored, whatever it holds', () => {
    fc.assert(
      fc.property(listings, (listing) => {
        const stored: unknown = JSON.parse(JSON.stringify(storedListing(listing)))
        expect(parseListing(stored)).toEqual({ ok: true, value: listing })
      }),
    )
  })

  it('stores only what differs from the defaults', () => {
    expect(storedListing(newListing('Latest', 7))).toEqual(valid)
    const shorter = { ...newListing('Latest', 7), amount: { ...defaultAmount, take: 9 } }
    expect(storedListing(shorter)).toEqual({ ...valid, amount: { take: 9 } })
  })

  it.each(shapes.names)('is read back with every setting of a shape at its default: %s', (name) => {
    const listing = { ...newListing('Latest', 7), shape: switchedShape(defaultShape, name) }
    const plain = { ...listing, shape: { ...shapes.get(name).defaults, name } as ShapeChoice }
    for (const one of [listing, plain])
      expect(parseListing(JSON.parse(JSON.stringify(storedListing(one))))).toEqual({ ok: true, value: one })
  })

  it('takes the defaults for what is left out', () => {
    expect(parseListing(valid)).toEqual({ ok: true, value: newListing('Latest', 7) })
  })

  it.each([
    ['no object', [], ''],
    ['no version', { name: 'x' }, 'version'],
    ['a version to come', { ...valid, version: 4 }, 'version'],
    ['no name', { ...valid, name: '' }, 'name'],
    ['no collection', { ...valid, from: { collections: [] } }, 'from.collections'],
    ['too many shown', { ...valid, amount: { take: 201 } }, 'amount.take'],
    ['half an entry', { ...valid, amount: { take: 1.5 } }, 'amount.take'],
    ['text for a number', { ...valid, amount: { skip: '3' } }, 'amount.skip'],
    ['an unknown rule', { ...valid, from: { collections: [7], rules: [{ rule: 'moon' }] } }, 'from.rules[0]'],
    [
      'a bad rule',
      {
        ...valid,
        from: { collections: [7], rules: [{ rule: 'date', window: { is: 'last', count: 0, unit: 'day' } }] },
      },
      'from.rules[0].window.count',
    ],
    [
      'a bad rule in a group',
      {
        ...valid,
        from: {
          collections: [7],
          rules: [{ rule: 'group', join: 'any', rules: [{ rule: 'flag', flag: 'hat', is: true }] }],
        },
      },
      'from.rules[0].rules[0].flag',
    ],
    ['groups that nest too deep', { ...valid, from: { collections: [7], rules: [nested(6)] } }, 'from.rules'],
    [
      'an entry picked twice',
      { ...valid, from: { collections: [7], by: 'hand', picks: [{ entry: 1 }, { entry: 1 }] } },
      'from.picks',
    ],
    [
      'a picked link that runs script',
      { ...valid, from: { collections: [7], picks: [{ entry: 1, address: 'javascript:alert(1)' }] } },
      'from.picks[0].address',
    ],
    [
      'ordering by one thing twice',
      {
        ...valid,
        order: {
          keys: [
            { by: 'date', direction: 'up' },
            { by: 'date', direction: 'down' },
          ],
        },
      },
      'order.keys[1]',
    ],
    [
      'the least read of some days',
      { ...valid, order: { keys: [{ by: 'views', direction: 'up', days: 3 }] } },
      'order.keys[0]',
    ],
    [
      'widths that rise',
      {
        ...valid,
        amount: {
          stops: [
            { below: 400, take: 2 },
            { below: 600, take: 3 },
          ],
        },
      },
      'amount.stops',
    ],
    [
      'an unknown order',
      { ...valid, order: { keys: [{ by: 'luck', direction: 'up' }] } },
      'order.keys[0].by',
    ],
    ['an unknown shape', { ...valid, shape: { name: 'heap' } }, 'shape'],
    [
      'seven columns',
      { ...valid, shape: { name: 'grid', stops: [{ from: 0, columns: 7, columnGap: 0, rowGap: 0 }] } },
      'shape.stops[0].columns',
    ],
    [
      'stops that fall',
      {
        ...valid,
        shape: {
          name: 'grid',
          stops: [
            { from: 0, columns: 1, columnGap: 0, rowGap: 0 },
            { from: 0, columns: 2, columnGap: 0, rowGap: 0 },
          ],
        },
      },
      'shape.stops',
    ],
    ['an unknown part', { ...valid, card: { parts: [{ part: 'hat', on: true }] } }, 'card.parts[0]'],
    [
      'a part twice',
      {
        ...valid,
        card: {
          parts: [
            { part: 'date', on: true },
            { part: 'date', on: false },
          ],
        },
      },
      'card.parts',
    ],
    ['an unknown clause', { ...valid, magic: true }, ''],
  ])('refuses %s and says where', (_, input, path) => {
    expect(faultsOf(input)).toContain(path)
  })

  it('never throws, whatever comes in', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
        parseListing(a)
        parseListing({ ...valid, from: a, shape: b, card: { parts: [a, b] }, order: { keys: a }, amount: b })
      }),
    )
  })

  it('is lifted through every step from an old version', () => {
    const steps = [
      (old: Readonly<Record<string, unknown>>) => ({ ...old, count: Number(old.amount) }),
      (old: Readonly<Record<string, unknown>>) => ({ ...old, count: Number(old.count) * 2 }),
    ]
    expect(upgraded({ version: 1, amount: '4' }, 3, steps)).toEqual({
      ok: true,
      value: { version: 3, amount: '4', count: 8 },
    })
    expect(upgraded({ version: 2, count: 3 }, 3, steps)).toEqual({
      ok: true,
      value: { version: 3, count: 6 },
    })
  })

  it('is lifted from its first version', () => {
    const rules = [
      { rule: 'terms', facet: 1, any: [2] },
      { rule: 'author', any: [3] },
      { rule: 'published-within', days: 90 },
    ]
    expect(
      parseListing({ version: 1, name: 'Old', from: { collection: 7, rules }, amount: { take: 3 } }),
    ).toEqual({
      ok: true,
      value: {
        ...newListing('Old', 7),
        from: {
          ...fromAll(7),
          rules: [
            { rule: 'terms', facet: 1, is: 'any', terms: [2] },
            { rule: 'author', is: 'any', authors: [3] },
            { rule: 'date', window: { is: 'last', count: 90, unit: 'day' } },
          ],
        },
        amount: { ...defaultAmount, take: 3 },
      },
    })
  })
})
