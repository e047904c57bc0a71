import { between, leaf, oneOf, placed, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Rows of seedlings. */
export const rows: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const rows = Math.max(3, Math.round(height / 130))
  const step = height / rows
  const columns = Math.round(width / (step * 0.78))
  return times(rows, (row) => {
    const y = step * (row + 0.84)
    const ground = sheetOf(0, y, width, step * 0.3, row % 2 ? palette.accent : palette.dark)
    const plants = times(columns, (column) => {
      const x = (width * (column + 0.5)) / columns
      const tall = step * between(random, 0.5, 0.66)
      return (
        placed(x, y + 2, -32, leaf(tall, tall * 0.45, palette.light, palette.middle)) +
        placed(
          x,
          y + 2,
          30,
          leaf(tall * 0.9, tall * 0.42, oneOf(random, [palette.middle, palette.light]), palette.dark),
        )
      )
    })
    return ground + plants
  })
}
