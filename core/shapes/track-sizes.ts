/** A track of a CSS grid: so many pixels, or as long as what lies in it asks for. */
export type Track = number | 'auto'

/** What lies across tracks, between two lines; the first line is 1. */
export interface Spanning {
  readonly from: number
  readonly to: number
  /** What it takes along the tracks, in CSS pixels. */
  readonly length: number
}

/**
 * How long each track becomes (CSS Grid Layout, 12.5.1): what spans fewer tracks comes first; what it
 * lacks goes in equal parts to the tracks that can grow, and of those to the ones that nothing before
 * it spanned, where there are any.
 */
export function trackSizes(tracks: readonly Track[], items: readonly Spanning[]): readonly number[] {
  const sizes = tracks.map((track) => (track === 'auto' ? 0 : track))
  const isLimited = new Set<number>()
  const spans = [...new Set(items.map((item) => item.to - item.from))].toSorted((a, b) => a - b)
  for (const span of spans) {
    const more = new Map<number, number>()
    for (const { from, length } of items.filter((item) => item.to - item.from === span)) {
      const across = Array.from({ length: span }, (_, at) => from - 1 + at)
      const growing = across.filter((at) => tracks[at] === 'auto')
      const free = growing.filter((at) => !isLimited.has(at))
      const sharing = free.length > 0 ? free : growing
      const lacking = length - across.reduce((sum, at) => sum + (sizes[at] ?? 0), 0)
      for (const at of growing) {
        const part = sharing.includes(at) ? Math.max(0, lacking) / sharing.length : 0
        more.set(at, Math.max(more.get(at) ?? 0, part))
      }
    }
    for (const [at, part] of more) {
      sizes[at] = (sizes[at] ?? 0) + part
      isLimited.add(at)
    }
  }
  return sizes
}

/** Where each line is, in CSS pixels from the first. */
export function linePlaces(sizes: readonly number[]): readonly number[] {
  const places = [0]
  for (const size of sizes) places.push((places.at(-1) ?? 0) + size)
  return places
}
