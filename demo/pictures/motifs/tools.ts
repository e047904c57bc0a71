import { between, disc, line, n, shape, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Tools on their hooks. */
export const tools: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const rail = height * 0.16
  const count = Math.max(3, Math.round(width / 210))
  const draw = [
    (x: number, end: number) =>
      shape(`M${n(x - 46)} ${n(end - 110)}h92v70q0 44 -46 62q-46 -18 -46 -62Z`, palette.light),
    (x: number, end: number) =>
      times(4, (tine) => line(`M${n(x - 45 + tine * 30)} ${n(end - 84)}V${n(end + 10)}`, palette.light, 11)) +
      sheetOf(x - 52, end - 94, 104, 17, palette.light, 5),
    (x: number, end: number) => shape(`M${n(x - 8)} ${n(end - 40)}h88l-12 40h-76Z`, palette.light),
  ] as const
  return (
    sheetOf(0, rail, width, height * 0.045, palette.dark) +
    times(count, (at) => {
      const x = (width * (at + 0.5)) / count
      const end = height * between(random, 0.76, 0.88)
      return (
        disc(x, rail + height * 0.02, 11, palette.accent) +
        line(`M${n(x)} ${n(rail + 20)}V${n(end - 70)}`, palette.cream, 17) +
        (draw[at % draw.length] ?? draw[0])(x, end)
      )
    })
  )
}
