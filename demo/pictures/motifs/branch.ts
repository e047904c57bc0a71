import { between, leaf, line, n, oneOf, placed, times } from '../paper'
import type { Motif } from '../paper'

/** A slanting branch in leaf. */
export const branch: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const from = { x: width * 0.1, y: height * 0.94 }
  const to = { x: width * 0.92, y: height * 0.12 }
  const degrees = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
  const count = 7
  const leaves = times(count * 2, (at) => {
    const along = (Math.floor(at / 2) + (at % 2) * 0.4 + 0.3) / count
    const x = from.x + (to.x - from.x) * along
    const y = from.y + (to.y - from.y) * along
    const long = Math.min(width, height) * between(random, 0.2, 0.27)
    const fill = oneOf(random, [palette.dark, palette.middle, palette.light])
    return placed(x, y, degrees + (at % 2 ? 128 : 52), leaf(long, long * 0.46, fill, palette.ground))
  })
  return (
    line(`M${n(from.x)} ${n(from.y)}L${n(to.x)} ${n(to.y)}`, palette.dark, Math.min(width, height) * 0.016) +
    leaves
  )
}
