import type { Stop } from './stops'

/** The space between cards, in CSS pixels, 0 to 200; between rows only where there are several. */
export interface Gaps {
  readonly columnGap: number
  readonly rowGap?: number
}

/** The gaps that hold at every width, or null where they differ. */
export function gapsOfAll(stops: readonly (Stop & Gaps)[]): Gaps | null {
  const [first, ...others] = stops
  if (first === undefined) return null
  const isSame = (one: Gaps) => one.columnGap === first.columnGap && one.rowGap === first.rowGap
  return others.every(isSame) ? gapsOf(first) : null
}

/** The same gaps at every width. */
export function withGaps<S extends Stop & Gaps>(stops: readonly S[], gaps: Partial<Gaps>): readonly S[] {
  return stops.map((stop) => ({ ...stop, ...gaps }))
}

/** The gaps of a stop alone. */
export function gapsOf({ columnGap, rowGap }: Gaps): Gaps {
  return rowGap === undefined ? { columnGap } : { columnGap, rowGap }
}
