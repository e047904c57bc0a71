import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { authorIds, contexts, indexedEntries, listings, now, termIds } from '~~/tests/support/arbitraries'
import type { IndexedEntry } from '../content/entry'
import { rowOf } from '../content/row'
import { everything, nothing, passes } from '../rules/predicate'
import type { Predicate } from '../rules/predicate'
import { fieldsToHold, HeldRows } from './held-rows'
import { filterOf, planOf } from './plan'

const keys = [...termIds, ...authorIds, 999]
const collection = 1

function put(rows: HeldRows, entry: IndexedEntry): void {
  const numbers = rows.fields.map((field) => {
    const value = entry.values[field]
    return typeof value === 'number' ? value : null
  })
  rows.put({ ...entry, numbers })
}

function heldOf(entries: readonly IndexedEntry[], fields: readonly number[]): HeldRows {
  const rows = new HeldRows(collection, [...new Set(fields)])
  for (const entry of entries) put(rows, entry)
  return rows
}

/** How many entries that pass have each of the keys, plainly told. */
function told(entries: readonly IndexedEntry[], filter: Predicate): ReadonlyMap<number, number> {
  const passing = entries.filter((entry) => passes(filter, rowOf(entry)))
  const counts = keys.map((key) => [key, passing.filter((entry) => entry.keys.includes(key)).length] as const)
  return new Map(counts.filter(([, count]) => count > 0))
}

const limit = fc.option(fc.integer({ min: -5, max: 5 }).map((days) => now + days * 86_400_000))
/** Conditions of their own, besides those that rules come to. */
const conditions = fc.letrec<{ one: Predicate }>((tie) => ({
  one: fc.oneof(
    { maxDepth: 3 },
    fc.record({
      test: fc.constantFrom('anyKey' as const, 'allKeys' as const),
      keys: fc.subarray(keys),
    }),
    fc.record({
      test: fc.constant('visible' as const),
      at: fc.integer({ min: -9, max: 9 }).map((d) => now + d * 86_400_000),
    }),
    fc.record({ test: fc.constant('ids' as const), ids: fc.array(fc.integer({ min: -1, max: 12 })) }),
    fc.record({
      test: fc.constant('between' as const),
      value: fc.constant('publishedAt' as const),
      from: limit,
      to: limit,
      before: limit,
    }),
    fc.record({ test: fc.constant('not' as const), of: tie('one') }),
    fc.record({
      test: fc.constantFrom('all' as const, 'any' as const),
      of: fc.array(tie('one'), { maxLength: 3 }),
    }),
  ),
})).one

describe('entries that are held to be counted', () => {
  it('are counted as conditions tell, whatever is asked', () => {
    fc.assert(
      fc.property(indexedEntries, conditions, conditions, (all, filter, other) => {
        const entries = all.filter((entry) => entry.collectionId === collection)
        const rows = heldOf(entries, [])
        expect(rows.keyCounts(filter, keys)).toEqual(told(entries, filter))
        const both: Predicate = { test: 'all', of: [filter, other] }
        const count = (one: Predicate) => entries.filter((entry) => passes(one, rowOf(entry))).length
        expect(rows.countsWithin(filter, [other, everything, nothing])).toEqual([
          count(both),
          count(filter),
          0,
        ])
      }),
    )
  })

  it('are counted as what listings ask, as far as it is held', () => {
    let asked = 0
    fc.assert(
      fc.property(indexedEntries, listings, contexts, (all, listing, context) => {
        const entries = all.filter((entry) => entry.collectionId === collection)
        const filter = filterOf(planOf(listing, context))
        const fields = fieldsToHold(filter, collection)
        if (fields === null) return
        asked += 1
        expect(heldOf(entries, fields).keyCounts(filter, keys)).toEqual(told(entries, filter))
      }),
    )
    expect(asked).toBeGreaterThan(10)
  })

  it('are as they became, however often they came, changed and went', () => {
    fc.assert(
      fc.property(
        indexedEntries,
        fc.array(fc.record({ at: fc.nat(), from: fc.nat(), goes: fc.boolean() })),
        conditions,
        (entries, changes, filter) => {
          const rows = new HeldRows(collection)
          const now = new Map<number, IndexedEntry>()
          for (const { at, from, goes } of changes) {
            const [target, source] = [entries[at % entries.length], entries[from % entries.length]]
            if (target === undefined || source === undefined) continue
            if (goes) {
              rows.remove(target.id)
              now.delete(target.id)
            } else {
              put(rows, { ...source, id: target.id })
              now.set(target.id, { ...source, id: target.id })
            }
          }
          expect(rows.size).toBe(now.size)
          expect(rows.keyCounts(filter, keys)).toEqual(told([...now.values()], filter))
        },
      ),
    )
  })

  it('are one each, also where a key is named twice', () => {
    const rows = new HeldRows(collection)
    for (let id = 1; id <= 20; id += 1)
      rows.put({ id, publishedAt: now, expiresAt: null, keys: id === 7 ? [11, 11] : [12], numbers: [] })
    const having: Predicate = { test: 'anyKey', keys: [11] }
    expect(rows.countsWithin(having, [everything])).toEqual([1])
    expect(rows.countsWithin({ test: 'ids', ids: [7, 7, 7, 99] }, [everything])).toEqual([1])
    expect(rows.countsWithin({ test: 'anyKey', keys: [11, 13] }, [having])).toEqual([1])
  })

  it('say what is not held instead of counting without it', () => {
    const views: Predicate = { test: 'between', value: 'views', from: 1, to: null, before: null }
    const words: Predicate = {
      test: 'not',
      of: { test: 'any', of: [everything, { test: 'words', words: ['bean'] }] },
    }
    for (const one of [views, words]) {
      expect(fieldsToHold(one, collection)).toBeNull()
      expect(() => new HeldRows(collection).keyCounts(one, keys)).toThrow('Nothing is held')
    }
    const priced: Predicate = {
      test: 'between',
      value: { fields: [{ collection, field: 7 }] },
      from: 1,
      to: null,
      before: null,
    }
    expect(fieldsToHold(priced, collection)).toEqual([7])
    expect(() => new HeldRows(collection).keyCounts(priced, keys)).toThrow('field 7')
    expect(fieldsToHold(priced, 2)).toEqual([])
    expect(heldOf([], [7]).keyCounts(priced, keys)).toEqual(new Map())
  })
})
