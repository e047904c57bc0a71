import { between, disc, line, n, times, wave } from '../paper'
import type { Motif } from '../paper'

/** A moon over frosted stems. */
export const frost: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const x = between(random, 0.2, 0.78) * width
  const size = Math.min(width, height) * 0.15
  const moon =
    disc(x, height * 0.3, size, palette.accent) +
    disc(x + size * 0.42, height * 0.3 - size * 0.16, size * 0.84, palette.ground)
  const stars = times(16, () => disc(random() * width, random() * height * 0.5, 3.4, palette.cream))
  const stems = times(width / 42, (at) => {
    const foot = at * 42 + between(random, -10, 10)
    const top = height * between(random, 0.56, 0.74)
    const head = times(3, (twig) =>
      line(`M${n(foot)} ${n(top + 20 + twig * 18)}l${n((twig % 2 ? 1 : -1) * 17)} -17`, palette.cream, 4),
    )
    return line(`M${n(foot)} ${height}V${n(top)}`, palette.cream, 4) + head
  })
  return (
    stars +
    moon +
    wave(sheet, height * 0.8, height * 0.04, palette.middle) +
    stems +
    wave(sheet, height * 0.92, height * 0.02, palette.dark)
  )
}
