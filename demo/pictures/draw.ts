import { randomFrom } from '../../core/random'
import { motifs } from './motifs'
import type { MotifName } from './motifs'
import { palettes } from './palettes'
import type { PaletteName } from './palettes'

export interface DrawnPicture {
  readonly motif: MotifName
  readonly palette: PaletteName
  readonly seed: number
  /** Pixels of the finished picture. */
  readonly width: number
  readonly height: number
}

/** Motifs are drawn on a sheet whose shorter side measures this, whatever the picture's size. */
const shorterSide = 560

/** A cut-paper picture as SVG: the same for equal motif, palette, seed and size. */
export function draw(picture: DrawnPicture): string {
  const palette = palettes[picture.palette]
  const scale = shorterSide / Math.min(picture.width, picture.height)
  const width = Math.round(picture.width * scale)
  const height = Math.round(picture.height * scale)
  const elements = motifs[picture.motif]({ width, height, palette, random: randomFrom(picture.seed) })
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${picture.width}" height="${picture.height}" viewBox="0 0 ${width} ${height}">` +
    `<rect width="${width}" height="${height}" fill="${palette.ground}"/>${elements}</svg>`
  )
}
