/** A stored picture as a listing needs it. */
export interface Picture {
  /** Names the stored bytes; a changed picture has another. */
  readonly hash: string
  /** Size of the original in pixels. */
  readonly width: number
  readonly height: number
  readonly alternative: string
  /** The point that cropping keeps, 0 to 1 from the left and from the top. */
  readonly focalX: number
  readonly focalY: number
  /** `#rrggbb`, shown until the picture is there. */
  readonly tint: string
}

/** The widths in which pictures are kept besides their own, in pixels. */
export const renditionWidths = [160, 240, 320, 480, 640, 800, 1120, 1600] as const

/** The formats in which pictures are given out. */
export type PictureFormat = 'avif' | 'webp'

/** The widths in which this picture can be had, rising; none is larger than the original. */
export function widthsOf(picture: Pick<Picture, 'width'>): readonly number[] {
  return [...renditionWidths.filter((width) => width < picture.width), picture.width]
}

/** CSS object-position that keeps the focal point in sight when a picture is cropped. */
export function focusOf({ focalX, focalY }: Pick<Picture, 'focalX' | 'focalY'>): string {
  return `${Math.round(focalX * 100)}% ${Math.round(focalY * 100)}%`
}

/** The address of a picture at one of its widths: each reader gets it in the smallest format they can read. */
export function pictureAddress(picture: Pick<Picture, 'hash'>, width: number): string {
  return `/media/${picture.hash}/${width}`
}
