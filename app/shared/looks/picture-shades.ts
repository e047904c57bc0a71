import { shadesIn, unknownShades } from '~~/core/looks/shades'
import type { Shades } from '~~/core/looks/shades'

/** So many areas of a picture are looked at, across and down: about as large as a word on it. */
const areas = 16

/** A part of a picture, in its own pixels. */
export interface PicturePart {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The shades of a picture of this site. */
export async function shadesOf(address: string): Promise<Shades> {
  const image = new Image()
  image.src = address
  const isThere = await image.decode().then(
    () => true,
    () => false,
  )
  return isThere
    ? shadesWithin(image, { x: 0, y: 0, width: image.naturalWidth, height: image.naturalHeight })
    : unknownShades
}

/** The shades of a part of a picture that is there, as its browser draws it. */
export function shadesWithin(image: HTMLImageElement, { x, y, width, height }: PicturePart): Shades {
  const canvas = document.createElement('canvas')
  canvas.width = areas
  canvas.height = areas
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (context === null || width <= 0 || height <= 0) return unknownShades
  context.imageSmoothingQuality = 'high'
  context.drawImage(image, x, y, width, height, 0, 0, areas, areas)
  return shadesIn(context.getImageData(0, 0, areas, areas).data)
}
