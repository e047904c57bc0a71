import { pictureAddress, widthFor, widthsOf } from './picture'
import type { Picture } from './picture'

/** A picture ready for an img element. */
export type ShownPicture = Picture & {
  readonly sourceSet: string
  readonly source: string
  readonly sizes: string
  /** As it is shown at most, in CSS pixels. */
  readonly widest: number
}

/** What a picture has to fit into, in CSS pixels. */
export interface Room {
  readonly width: number
  readonly height?: number
}

export function shownPicture(picture: Picture, room: Room): ShownPicture
export function shownPicture(picture: Picture | null, room: Room): ShownPicture | null
/**
 * A picture for an img element that fits into so much room, and is as wide as the page where that
 * has less.
 */
export function shownPicture(picture: Picture | null, room: Room): ShownPicture | null {
  if (picture === null) return null
  const widths = widthsOf(picture)
  const widest = Math.floor(
    Math.min(room.width, picture.width, ((room.height ?? Infinity) * picture.width) / picture.height),
  )
  return {
    ...picture,
    widest,
    source: pictureAddress(picture, widthFor(picture, widest)),
    sourceSet: widths.map((one) => `${pictureAddress(picture, one)} ${one}w`).join(', '),
    sizes: `(min-width: ${widest + 112}px) ${widest}px, 100vw`,
  }
}
