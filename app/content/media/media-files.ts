import type { MediaRow } from '~~/core/content/answers'
import { pictureAddress, widthFor } from '~~/core/pictures/picture'

/** The address of a picture at least `least` pixels wide, or as wide as it is. */
export function pictureAt(picture: Pick<MediaRow, 'hash' | 'width'>, least: number): string {
  return pictureAddress(picture, widthFor(picture, least))
}

/** “1.2 MB”, “340 kB”. */
export function sizeOf(bytes: number, locale: string): string {
  const [unit, amount] =
    bytes >= 1e6 ? (['megabyte', bytes / 1e6] as const) : (['kilobyte', Math.max(1, bytes / 1e3)] as const)
  return new Intl.NumberFormat(locale, {
    style: 'unit',
    unit,
    unitDisplay: 'short',
    maximumFractionDigits: bytes >= 1e6 ? 1 : 0,
  }).format(amount)
}
