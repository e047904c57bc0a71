/**
 * A series of numbers from 0 up to 1 that its seed alone decides (the mulberry32 generator, written
 * from memory).
 */
export type Random = () => number

/** Starts the series of a seed: equal seeds give equal series. */
export function randomFrom(seed: number): Random {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** A seed from a text (FNV-1a, 32 bits). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5
  for (const byte of new TextEncoder().encode(text)) hash = Math.imul(hash ^ byte, 0x01000193)
  return hash >>> 0
}
