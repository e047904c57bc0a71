/** A scale from the least to the most that there is, both on it, in even steps. */
export interface Scale {
  readonly least: number
  readonly most: number
  readonly step: number
}

/** So many steps a scale has at least where its numbers are fine enough, and bars stand over it at most. */
const [fewestSteps, mostBars] = [40, 20]

/**
 * The scale that holds the numbers from `least` to `most`, which are told with so many decimals: its steps are
 * 1, 2 or 5 of a power of ten, and it begins and ends on one. Null where there is nothing to set: all are one.
 */
export function scaleOf(least: number, most: number, decimals: number): Scale | null {
  if (!(least < most)) return null
  const finest = 10 ** -decimals
  const rough = Math.max(finest, (most - least) / fewestSteps / 2.5)
  const power = 10 ** Math.floor(Math.log10(rough) + 1e-9)
  const step = [1, 2, 5, 10].map((one) => one * power).find((one) => one >= rough * (1 - 1e-9)) ?? 10 * power
  return {
    least: onStep(Math.floor(least / step + 1e-9), step),
    most: onStep(Math.ceil(most / step - 1e-9), step),
    step,
  }
}

/** So many steps from zero, without what binary fractions add to it. */
function onStep(count: number, step: number): number {
  return Number((count * step).toPrecision(15))
}

/** Where the bars over a scale begin: each spans as many whole steps as the others, the last maybe fewer. */
export function barsOf({ least, most, step }: Scale): readonly number[] {
  const steps = Math.round((most - least) / step)
  const each = Math.max(1, Math.ceil(steps / mostBars))
  return Array.from({ length: Math.ceil(steps / each) }, (_, at) =>
    onStep(Math.round(least / step) + at * each, step),
  )
}
