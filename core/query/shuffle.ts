import { randomFrom, seedOf } from '../random'

/**
 * A shuffle that a database can page through without sorting everything: each entry has a fixed
 * place among 1,024 piles, a seed decides in which order the piles come and how each is ordered.
 */
export const piles = 1024
/** Largest prime below 2³¹; products of two numbers below it fit 64 bits. */
export const shuffleModulus = 2_147_483_647

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

/** The pile of an entry, 0 to 1023. */
export function pileOf(id: number): number {
  return scatterOf(id) % piles
}

export interface Shuffle {
  /** The rank of each pile. */
  readonly ranks: readonly number[]
  /** Orders a pile: (scatter × factor + shift) mod shuffleModulus. */
  readonly factor: number
  readonly shift: number
}

/** The shuffle of a seed: always the same for the same seed. */
export function shuffleOf(seed: string): Shuffle {
  const random = randomFrom(seedOf(seed))
  const below = (most: number) => Math.floor(random() * most)
  const ranks = Array.from({ length: piles }, (_, pile) => pile)
  // R. A. Fisher and F. Yates (1938), as R. Durstenfeld (1964, Communications of the ACM 7: 420) put it: every order is as likely.
  for (let last = piles - 1; last > 0; last -= 1) {
    const other = below(last + 1)
    const [held = 0, taken = 0] = [ranks[last], ranks[other]]
    ranks[last] = taken
    ranks[other] = held
  }
  return { ranks, factor: 1 + below(shuffleModulus - 1), shift: below(shuffleModulus) }
}

/** Where an entry stands in a shuffle: by the rank of its pile, then by this number. */
export function placeInPile(id: number, { factor, shift }: Shuffle): number {
  return Number((BigInt(scatterOf(id)) * BigInt(factor) + BigInt(shift)) % BigInt(shuffleModulus))
}

/** The piles that come first in a shuffle, as many as asked for. */
export function firstPiles({ ranks }: Shuffle, count: number): readonly number[] {
  return ranks.flatMap((rank, pile) => (rank < count ? [pile] : [])).toSorted((a, b) => (ranks[a] ?? 0) - (ranks[b] ?? 0))
}
