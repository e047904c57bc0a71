import { between, disc, leaf, line, n, oneOf, placed, times } from '../paper'
import type { Motif } from '../paper'

/** Fruit on a branch. */
export const fruit: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const size = Math.min(width, height)
  const count = Math.max(3, Math.round(width / 230))
  const bough = line(
    `M-10 ${n(height * 0.2)}Q${n(width * 0.5)} ${n(height * 0.08)} ${n(width + 10)} ${n(height * 0.26)}`,
    palette.dark,
    size * 0.03,
  )
  const hanging = times(count, (at) => {
    const x = (width * (at + 0.5)) / count
    const y = height * between(random, 0.44, 0.66)
    const radius = size * between(random, 0.12, 0.16)
    return (
      line(`M${n(x)} ${n(height * 0.15)}V${n(y - radius)}`, palette.dark, 5) +
      disc(x, y, radius, oneOf(random, [palette.accent, palette.middle])) +
      disc(x - radius * 0.35, y - radius * 0.35, radius * 0.16, palette.cream) +
      placed(x, y - radius, 62, leaf(radius * 1.5, radius * 0.7, palette.light, palette.dark)) +
      placed(
        x - width / count / 2,
        height * 0.16,
        158,
        leaf(radius * 1.7, radius * 0.8, palette.middle, palette.dark),
      )
    )
  })
  return bough + hanging
}
