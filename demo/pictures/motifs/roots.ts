import { between, disc, leaf, line, n, placed, shape, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Roots under the ground line. */
export const roots: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const ground = height * 0.42
  const count = Math.max(2, Math.round(width / 260))
  const plants = times(count, (at) => {
    const x = (width * (at + 0.5)) / count
    const long = height * between(random, 0.36, 0.5)
    const half = long * between(random, 0.16, 0.26)
    const body = shape(
      `M${n(x - half)} ${n(ground)}C${n(x - half)} ${n(ground + long * 0.5)} ${n(x - 4)} ${n(ground + long * 0.7)} ${n(x)} ${n(ground + long)}C${n(x + 4)} ${n(ground + long * 0.7)} ${n(x + half)} ${n(ground + long * 0.5)} ${n(x + half)} ${n(ground)}Z`,
      at % 2 ? palette.accent : palette.middle,
    )
    const rings = times(3, (ring) =>
      line(
        `M${n(x - half * 0.4)} ${n(ground + long * (0.15 + ring * 0.16))}h${n(half * 0.5)}`,
        palette.cream,
        3,
      ),
    )
    const tops = times(3, (top) =>
      placed(x, ground + 4, (top - 1) * 30, leaf(height * 0.27, height * 0.09, palette.light, palette.dark)),
    )
    return tops + body + rings
  })
  const stones = times(14, () =>
    disc(random() * width, between(random, ground + 40, height), between(random, 4, 11), palette.light),
  )
  return sheetOf(0, ground, width, height - ground, palette.dark) + stones + plants
}
