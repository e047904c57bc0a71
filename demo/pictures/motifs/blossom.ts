import { between, disc, line, n, times } from '../paper'
import type { Motif } from '../paper'

/** Blossom on bare twigs. */
export const blossom: Motif = (sheet) => {
  const { width, height, palette, random } = sheet
  const size = Math.min(width, height)
  const flower = (x: number, y: number, radius: number) =>
    times(5, (petal) => {
      const angle = (petal / 5) * Math.PI * 2 + x
      return disc(
        x + Math.cos(angle) * radius * 0.62,
        y + Math.sin(angle) * radius * 0.62,
        radius * 0.52,
        palette.cream,
      )
    }) + disc(x, y, radius * 0.3, palette.accent)
  const twigs = times(4, (at) => {
    const y = height * (0.95 - at * 0.24)
    const end = { x: width * between(random, 0.62, 0.98), y: y - height * between(random, 0.18, 0.42) }
    const twig = line(
      `M${n(-20)} ${n(y)}Q${n(width * 0.4)} ${n(y - height * 0.02)} ${n(end.x)} ${n(end.y)}`,
      palette.dark,
      size * 0.014,
    )
    const flowers = times(4, (bloom) => {
      const along = 0.28 + bloom * 0.22
      const middle = y - height * 0.02
      const x = 2 * (1 - along) * along * width * 0.4 + along * along * end.x - 20 * (1 - along) * (1 - along)
      const at2 = (1 - along) ** 2 * y + 2 * (1 - along) * along * middle + along * along * end.y
      return flower(x, at2, size * between(random, 0.055, 0.085))
    })
    return twig + flowers
  })
  return twigs
}
