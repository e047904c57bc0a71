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

/** Wider than this no picture is given out: twice the width of the widest that layouts show. */
export const widestRendition = 2400

/** The formats in which pictures are given out. */
export type PictureFormat = 'avif' | 'webp'

/**
 * The widths in which this picture can be had, rising; none is larger than the original, nor than
 * any layout shows.
 */
export function widthsOf(picture: Pick<Picture, 'width'>): readonly number[] {
  const own = Math.min(picture.width, widestRendition)
  return [...renditionWidths.filter((width) => width < own), own]
}

/** The narrowest width of a picture that is at least so wide, or its widest. */
export function widthFor(picture: Pick<Picture, 'width'>, least: number): number {
  const widths = widthsOf(picture)
  return widths.find((width) => width >= least) ?? widths.at(-1) ?? picture.width
}

/** CSS object-position that keeps the focal point in sight when a picture is cropped. */
export function focusOf({ focalX, focalY }: Pick<Picture, 'focalX' | 'focalY'>): string {
  return `${Math.round(focalX * 100)}% ${Math.round(focalY * 100)}%`
}

/**
 * The address of a picture at one of its widths: each reader gets it in the smallest format they
 * can read.
 */
export function pictureAddress(picture: Pick<Picture, 'hash'>, width: number): string {
  return `/media/${picture.hash}/${width}`
}
