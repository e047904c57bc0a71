import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { placeOfEntry, placesFrom, rankOf, scatterOf, shuffleModulus, shuffleOf } from './shuffle'

const ids = Array.from({ length: 9220 }, (_, at) => at + 1)
const firstOf = (seed: string, most: number, of: readonly number[] = ids) => {
  const shuffle = shuffleOf(seed)
  return of
    .map((id) => ({ id, rank: rankOf(placeOfEntry(id), shuffle) }))
    .toSorted((a, b) => a.rank - b.rank || a.id - b.id)
    .slice(0, most)
    .map((one) => one.id)
}

describe('a shuffle', () => {
  it('is the same for the same seed and another for another', () => {
    expect(firstOf('a', 40)).toEqual(firstOf('a', 40))
    expect(firstOf('a', 40)).not.toEqual(firstOf('b', 40))
  })

  it('has every place once, and finds places by their rank', () => {
    fc.assert(
      fc.property(fc.string(), fc.integer({ min: 0, max: shuffleModulus - 1 }), (seed, rank) => {
        const shuffle = shuffleOf(seed)
        const places = placesFrom(rank, 50, shuffle)
        expect(places.map((place) => rankOf(place, shuffle))).toEqual(places.map((_, at) => rank + at))
        expect(new Set(places).size).toBe(places.length)
        expect(places.every((place) => Number.isInteger(place) && place >= 0 && place < shuffleModulus)).toBe(
          true,
        )
      }),
    )
  })

  it('favours nobody: over many seeds each entry comes first as often as chance has it', () => {
    const some = ids.slice(0, 50)
    const counts = new Map<number, number>()
    const seeds = 400
    for (let seed = 0; seed < seeds; seed += 1) {
      const [first] = firstOf(String(seed), 1, some)
      if (first !== undefined) counts.set(first, (counts.get(first) ?? 0) + 1)
    }
    // Chi-squared with 49 degrees of freedom: 85.4 is passed by chance once in a thousand (standard tables).
    const expected = seeds / some.length
    const chi = some.reduce((sum, id) => sum + ((counts.get(id) ?? 0) - expected) ** 2 / expected, 0)
    expect(chi).toBeLessThan(85.4)
  })

  it('keeps nobody together: two shuffles share two entries as rarely as chance has it', () => {
    const shuffles = Array.from({ length: 300 }, (_, seed) => new Set(firstOf(`visit ${seed}`, 6)))
    let pairs = 0
    for (const [at, one] of shuffles.entries())
      for (const other of shuffles.slice(at + 1))
        if ([...one].filter((id) => other.has(id)).length >= 2) pairs += 1
    // 44,850 pairs of shuffles of 6 from 9,220: 0.24 are expected (hypergeometric); six or more
    // come once in ten million times.
    expect(pairs).toBeLessThan(6)
  })

  it('spreads ids that follow each other', () => {
    expect(
      new Set(ids.slice(0, 200).map((id) => Math.floor(placeOfEntry(id) / (shuffleModulus / 1000)))).size,
    ).toBeGreaterThan(150)
    expect(scatterOf(1)).not.toBe(scatterOf(2))
  })
})
