import type { MediaRow } from '~~/core/content/answers'
import { pictureAddress, widthFor } from '~~/core/pictures/picture'
import { uploadFile } from '../../shared/http'

/** The address of a picture at least `least` pixels wide, or as wide as it is. */
export function pictureAt(picture: Pick<MediaRow, 'hash' | 'width'>, least: number): string {
  return pictureAddress(picture, widthFor(picture, least))
}

/** Brings files in one after the other; `tell` hears how far each is, 0 to 1. */
export async function bringIn(
  files: readonly File[],
  tell: (name: string, done: number) => void,
): Promise<readonly MediaRow[]> {
  const stored: MediaRow[] = []
  for (const file of files) {
    tell(file.name, 0)
    stored.push(
      await uploadFile<MediaRow>(`/api/bench/media?name=${encodeURIComponent(file.name)}`, file, (done) =>
        tell(file.name, done),
      ),
    )
  }
  return stored
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
