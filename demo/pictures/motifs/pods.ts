import { between, disc, n, oneOf, placed, shape, times } from '../paper'
import type { Motif } from '../paper'

/** Open pods with their seeds. */
export const pods: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const count = Math.max(3, Math.round(width / 190))
  return times(count, (at) => {
    const x = (width * (at + 0.5)) / count
    const length = height * between(random, 0.58, 0.78)
    const half = length * 0.115
    const pod = shape(
      `M0 ${n(-length / 2)}C${n(half * 1.5)} ${n(-length / 4)} ${n(half * 1.5)} ${n(length / 4)} 0 ${n(length / 2)}C${n(-half * 1.5)} ${n(length / 4)} ${n(-half * 1.5)} ${n(-length / 4)} 0 ${n(-length / 2)}Z`,
      palette.middle,
    )
    const seeds = times(4, (seed) =>
      disc(
        0,
        (seed - 1.5) * length * 0.17,
        half * 0.72,
        oneOf(random, [palette.cream, palette.cream, palette.light]),
      ),
    )
    return placed(x, height * between(random, 0.47, 0.54), between(random, -16, 16), pod + seeds)
  })
}
