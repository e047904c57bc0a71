import { between, disc, line, n, times, wave } from '../paper'
import type { Motif } from '../paper'

/** Hills under a low sun, with furrows in front. */
export const hills: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const sun = disc(between(random, 0.18, 0.8) * width, height * 0.34, height * 0.12, palette.accent)
  const focus = between(random, 0.35, 0.65) * width
  const furrows = times(17, (at) => {
    const spread = (at - 8) / 8
    return line(
      `M${n(focus + spread * width * 0.16)} ${n(height * 0.8)}L${n(focus + spread * width * 0.95)} ${height}`,
      palette.light,
      3,
    )
  })
  return (
    sun +
    wave(sheet, height * 0.46, height * 0.05, palette.light) +
    wave(sheet, height * 0.6, height * 0.05, palette.middle) +
    wave(sheet, height * 0.74, height * 0.03, palette.dark) +
    furrows
  )
}
