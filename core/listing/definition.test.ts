import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { listings } from '~~/tests/support/arbitraries'
import { newListing, parseListing, storedListing } from './definition'
import { upgraded } from './upgrade'

function faultsOf(input: unknown) {
  const parsed = parseListing(input)
  return parsed.ok ? [] : parsed.faults.map((fault) => fault.path)
}

const valid = { version: 1, name: 'Latest', from: { collection: 7 } }

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
    const shorter = { ...newListing('Latest', 7), amount: { skip: 0, take: 9 } }
    expect(storedListing(shorter)).toEqual({ ...valid, amount: { take: 9 } })
  })

  it('takes the defaults for what is left out', () => {
    expect(parseListing(valid)).toEqual({ ok: true, value: newListing('Latest', 7) })
  })

  it.each([
    ['no object', [], ''],
    ['no version', { name: 'x' }, 'version'],
    ['a version to come', { ...valid, version: 2 }, 'version'],
    ['no name', { ...valid, name: '' }, 'name'],
    ['no collection', { ...valid, from: {} }, 'from.collection'],
    ['too many shown', { ...valid, amount: { take: 201 } }, 'amount.take'],
    ['half an entry', { ...valid, amount: { take: 1.5 } }, 'amount.take'],
    ['text for a number', { ...valid, amount: { skip: '3' } }, 'amount.skip'],
    ['an unknown rule', { ...valid, from: { collection: 7, rules: [{ rule: 'moon' }] } }, 'from.rules[0]'],
    ['a bad rule', { ...valid, from: { collection: 7, rules: [{ rule: 'published-within', days: 0 }] } }, 'from.rules[0].days'],
    ['an unknown order', { ...valid, order: { keys: [{ by: 'luck', direction: 'up' }] } }, 'order.keys[0].by'],
    ['an unknown shape', { ...valid, shape: { name: 'heap' } }, 'shape'],
    ['seven columns', { ...valid, shape: { name: 'grid', stops: [{ from: 0, columns: 7, columnGap: 0, rowGap: 0 }] } }, 'shape.stops[0].columns'],
    ['stops that fall', { ...valid, shape: { name: 'grid', stops: [{ from: 0, columns: 1, columnGap: 0, rowGap: 0 }, { from: 0, columns: 2, columnGap: 0, rowGap: 0 }] } }, 'shape.stops'],
    ['an unknown part', { ...valid, card: { parts: [{ part: 'hat', on: true }] } }, 'card.parts[0]'],
    ['a part twice', { ...valid, card: { parts: [{ part: 'date', on: true }, { part: 'date', on: false }] } }, 'card.parts'],
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
    expect(upgraded({ version: 1, amount: '4' }, 3, steps)).toEqual({ ok: true, value: { version: 3, amount: '4', count: 8 } })
    expect(upgraded({ version: 2, count: 3 }, 3, steps)).toEqual({ ok: true, value: { version: 3, count: 6 } })
  })
})
