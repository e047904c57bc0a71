import type { PictureSettings } from '../../core/fittings/picture'
import { sizesOf } from '../../core/pictures/sizes'
import { shownPicture } from '../../core/pictures/shown'
import type { FittingContents } from '../../site/view'
import { picturesById } from '../listings/card-entries'
import type { FittingAsked } from './index'

/** More than this, in CSS pixels, no picture is wide. */
const most = 2400

/** The picture, in the widths that its place has. */
export async function pictureContent(
  { picture: id }: PictureSettings,
  { db, box }: FittingAsked,
): Promise<FittingContents['picture']> {
  if (id === null) return null
  const picture = shownPicture((await picturesById(db, [id])).get(id) ?? null, { width: most })
  return picture && { ...picture, sizes: sizesOf(box, [{ from: 0, parts: 1, minus: 0 }]) }
}
