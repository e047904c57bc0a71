import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A series of numbers from 0 up to 1, without 1, that its seed alone decides. */
export type Random = () => number

/** Starts the series of a seed: equal seeds give equal series. */
export function randomFrom(seed: number): Random {
  const generator = xoroshiro128plus(seed)
  return () => uniformFloat64(generator)
}

/** A seed from a text (FNV-1a, 32 bits). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5
  for (const byte of new TextEncoder().encode(text)) hash = Math.imul(hash ^ byte, 0x01000193)
  return hash >>> 0
}
