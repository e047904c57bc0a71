import { between, disc, leaf, line, n, oneOf, placed, shape, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** A basket of what was picked. */
export const basket: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const wide = Math.min(width * 0.62, height * 0.95)
  const left = (width - wide) / 2
  const rim = height * 0.56
  const floor = height * 0.86
  const fruit = times(13, (at) => {
    const radius = wide * between(random, 0.075, 0.1)
    const x = left + wide * (0.1 + 0.8 * ((at % 7) / 6))
    const y = rim - (at < 7 ? radius * 0.3 : radius * 1.5)
    return (
      disc(
        x + (at < 7 ? 0 : wide * 0.06),
        y,
        radius,
        oneOf(random, [palette.accent, palette.middle, palette.light]),
      ) +
      placed(
        x,
        y - radius * 0.8,
        between(random, -40, 40),
        leaf(radius * 0.8, radius * 0.4, palette.dark, palette.ground),
      )
    )
  })
  const weave = times(4, (row) =>
    line(
      `M${n(left + 10 + row * 6)} ${n(rim + 22 + row * (floor - rim) * 0.22)}H${n(left + wide - 10 - row * 6)}`,
      palette.dark,
      4,
    ),
  )
  const handle = line(
    `M${n(left + 8)} ${n(rim)}C${n(left + wide * 0.1)} ${n(height * 0.02)} ${n(left + wide * 0.9)} ${n(height * 0.02)} ${n(left + wide - 8)} ${n(rim)}`,
    palette.dark,
    wide * 0.026,
  )
  return (
    sheetOf(0, height * 0.8, width, height * 0.2, palette.cream) +
    handle +
    fruit +
    shape(
      `M${n(left)} ${n(rim)}H${n(left + wide)}L${n(left + wide * 0.86)} ${n(floor)}H${n(left + wide * 0.14)}Z`,
      palette.middle,
    ) +
    weave
  )
}
