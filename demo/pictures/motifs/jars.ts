import { between, disc, oneOf, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Jars of seed on a shelf. */
export const jars: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const shelf = height * 0.82
  const count = Math.max(2, Math.round(width / 210))
  return (
    sheetOf(0, shelf, width, height - shelf, palette.dark) +
    times(count, (at) => {
      const wide = (width / count) * between(random, 0.5, 0.64)
      const tall = height * between(random, 0.42, 0.56)
      const x = (width * (at + 0.5)) / count - wide / 2
      const fill = tall * between(random, 0.45, 0.75)
      const seeds = times(58, () => {
        const radius = wide * 0.036
        return disc(
          between(random, x + wide * 0.12, x + wide * 0.88),
          between(random, shelf - fill, shelf - wide * 0.1),
          radius * between(random, 0.8, 1.3),
          oneOf(random, [palette.middle, palette.middle, palette.dark, palette.accent]),
        )
      })
      return (
        sheetOf(x, shelf - tall, wide, tall, palette.cream, wide * 0.12) +
        seeds +
        sheetOf(
          x + wide * 0.06,
          shelf - tall - wide * 0.13,
          wide * 0.88,
          wide * 0.2,
          palette.dark,
          wide * 0.04,
        )
      )
    })
  )
}
