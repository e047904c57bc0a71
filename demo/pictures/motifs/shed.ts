import { between, disc, line, n, shape, sheetOf, times, wave } from '../paper'
import type { Motif } from '../paper'

/** The long shed. */
export const shed: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const wide = Math.min(width * 0.66, height * 1.1)
  const left = (width - wide) * between(random, 0.3, 0.7)
  const floor = height * 0.8
  const eaves = height * 0.44
  const boards = times(wide / 26, (at) =>
    line(`M${n(left + at * 26)} ${n(eaves)}V${n(floor)}`, palette.dark, 2.4),
  )
  const door = sheetOf(left + wide * 0.12, floor - height * 0.27, wide * 0.17, height * 0.27, palette.dark)
  const pane = (x: number) => sheetOf(x, eaves + height * 0.09, wide * 0.16, height * 0.13, palette.cream, 3)
  return (
    disc(width * between(random, 0.1, 0.9), height * 0.2, height * 0.08, palette.accent) +
    wave(sheet, height * 0.62, height * 0.05, palette.light) +
    sheetOf(left, eaves, wide, floor - eaves, palette.middle) +
    boards +
    door +
    pane(left + wide * 0.42) +
    pane(left + wide * 0.68) +
    shape(
      `M${n(left - wide * 0.06)} ${n(eaves)}L${n(left + wide * 0.5)} ${n(height * 0.2)}L${n(left + wide * 1.06)} ${n(eaves)}Z`,
      palette.dark,
    ) +
    wave(sheet, floor, height * 0.015, palette.accent)
  )
}
