import { between, disc, leaf, line, n, oneOf, placed, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Seed packets, fanned out. */
export const packets: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const count = Math.max(3, Math.round(width / 220))
  const tall = height * 0.66
  const wide = Math.min(tall * 0.68, (width / count) * 0.96)
  return times(count, (at) => {
    const x = (width * (at + 0.5)) / count
    const paper = oneOf(random, [palette.cream, palette.light, palette.accent])
    const ink = paper === palette.cream ? palette.middle : palette.dark
    const sprout =
      placed(0, tall * 0.22, -34, leaf(tall * 0.26, tall * 0.11, ink, paper)) +
      placed(0, tall * 0.22, 34, leaf(tall * 0.26, tall * 0.11, ink, paper)) +
      line(`M0 ${n(tall * 0.34)}V${n(tall * 0.12)}`, ink, 5)
    const packet =
      sheetOf(-wide / 2, -tall / 2, wide, tall, paper, 5) +
      sheetOf(-wide / 2, -tall / 2, wide, tall * 0.13, ink, 5) +
      times(2, (row) =>
        line(
          `M${n(-wide * 0.28)} ${n(-tall * 0.22 + row * tall * 0.08)}h${n(wide * (row ? 0.36 : 0.56))}`,
          ink,
          6,
        ),
      ) +
      sprout +
      disc(0, tall * 0.4, 4, ink)
    return placed(x, height * between(random, 0.5, 0.55), between(random, -9, 9), packet)
  })
}
