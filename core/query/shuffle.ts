import { randomFrom, seedOf } from '../random'

/** Largest prime below 2²⁶: products of two numbers below it are exact in 53 bits. */
export const shuffleModulus = 67_108_859

/**
 * A fixed number for an entry, 0 to 2³¹ − 1, that looks random: the finaliser of MurmurHash3
 * (public domain, A. Appleby), without its highest bit.
 */
export function scatterOf(id: number): number {
  let mixed = id >>> 0
  mixed = Math.imul(mixed ^ (mixed >>> 16), 0x85ebca6b)
  mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35)
  return (mixed ^ (mixed >>> 16)) & 0x7fffffff
}

/** The fixed place of an entry among all that shuffles choose from, 0 to the modulus. */
export function placeOfEntry(id: number): number {
  return scatterOf(id) % shuffleModulus
}

/**
 * A shuffle: the rank of a place is (place × factor + shift) mod the modulus. Over all seeds, any
 * two places have any two ranks equally often (J. L. Carter and M. N. Wegman, 1979, Universal classes
 * of hash functions, Journal of Computer and System Sciences 18: 143–154), so that who stands beside
 * whom in one shuffle says nothing of another.
 */
export interface Shuffle {
  readonly factor: number
  readonly shift: number
}

/** The shuffle of a seed: always the same for the same seed. */
export function shuffleOf(seed: string): Shuffle {
  const random = randomFrom(seedOf(seed))
  const below = (most: number) => Math.floor(random() * most)
  return { factor: 1 + below(shuffleModulus - 1), shift: below(shuffleModulus) }
}

/** Where a place comes in a shuffle. */
export function rankOf(place: number, { factor, shift }: Shuffle): number {
  return (place * factor + shift) % shuffleModulus
}

/**
 * The places that come from a rank on, as many as asked for: what can be looked up instead of
 * ranking everything.
 */
export function placesFrom(rank: number, count: number, { factor, shift }: Shuffle): readonly number[] {
  const back = inverseOf(factor)
  const many = Math.max(0, Math.min(count, shuffleModulus - rank))
  return Array.from(
    { length: many },
    (_, at) => (((rank + at - shift + shuffleModulus) % shuffleModulus) * back) % shuffleModulus,
  )
}

/** The number that undoes multiplying by another, mod the modulus: the extended Euclidean algorithm. */
function inverseOf(number: number): number {
  let [rest, next] = [shuffleModulus, number]
  let [undone, step] = [0, 1]
  while (next !== 0) {
    const times = Math.floor(rest / next)
    ;[rest, next] = [next, rest - times * next]
    ;[undone, step] = [step, undone - times * step]
  }
  return (undone + shuffleModulus) % shuffleModulus
}
