import { between, disc, line, n, placed, times, wave } from '../paper'
import type { Motif } from '../paper'

/** Bees over clover. */
export const bees: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const size = Math.min(width, height)
  const bee = (x: number, y: number) =>
    placed(
      x,
      y,
      between(random, -24, 24),
      `<ellipse cx="-6" cy="${n(-size * 0.06)}" rx="${n(size * 0.035)}" ry="${n(size * 0.055)}" fill="${palette.cream}" transform="rotate(-24)"/>` +
        `<ellipse cx="10" cy="${n(-size * 0.06)}" rx="${n(size * 0.035)}" ry="${n(size * 0.055)}" fill="${palette.cream}" transform="rotate(20)"/>` +
        `<ellipse rx="${n(size * 0.075)}" ry="${n(size * 0.046)}" fill="${palette.accent}"/>` +
        times(3, (at) =>
          line(
            `M${n((at - 1) * size * 0.034)} ${n(-size * 0.036)}v${n(size * 0.072)}`,
            palette.dark,
            size * 0.014,
          ),
        ),
    )
  const bees = times(Math.max(3, width / 240), (at) =>
    bee(((at + 0.5) * width) / Math.max(3, Math.round(width / 240)), between(random, 0.18, 0.52) * height),
  )
  const clover = times(width / 70, (at) => {
    const x = at * 70 + between(random, 0, 30)
    const y = between(random, 0.68, 0.84) * height
    return (
      line(`M${n(x)} ${height}V${n(y)}`, palette.dark, 5) +
      times(3, (petal) => disc(x + (petal - 1) * 15, y - (petal === 1 ? 14 : 0), 14, palette.cream))
    )
  })
  return bees + wave(sheet, height * 0.8, height * 0.03, palette.middle) + clover
}
