import { between, disc, oneOf, sheetOf, times } from '../paper'
import type { Motif } from '../paper'

/** Beds seen from above. */
export const beds: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const columns = Math.max(2, Math.round(width / 300))
  const rows = Math.max(2, Math.round(height / 230))
  const gap = Math.min(width, height) * 0.05
  const wide = (width - gap * (columns + 1)) / columns
  const tall = (height - gap * (rows + 1)) / rows
  return times(columns * rows, (at) => {
    const x = gap + (at % columns) * (wide + gap)
    const y = gap + Math.floor(at / columns) * (tall + gap)
    const crop = oneOf(random, [palette.light, palette.accent, palette.cream])
    const across = Math.max(3, Math.round(wide / 44))
    const down = Math.max(2, Math.round(tall / 44))
    const plants = times(across * down, (plant) =>
      disc(
        x + (wide * ((plant % across) + 0.5)) / across,
        y + (tall * (Math.floor(plant / across) + 0.5)) / down,
        Math.min(wide / across, tall / down) * between(random, 0.24, 0.4),
        crop,
      ),
    )
    return sheetOf(x, y, wide, tall, oneOf(random, [palette.dark, palette.middle]), 8) + plants
  })
}
