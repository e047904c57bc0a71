import { frameOf } from '../../core/cards/card'
import type { CardEntry } from '../../core/cards/card-entry'
import { ratioNumber } from '../../core/cards/parts/picture'
import type { PartSetting } from '../../core/cards/parts'
import type { EntrySettings } from '../../core/fittings/entry'
import { widestOf } from '../../core/pages/frames'
import type { Box } from '../../core/pages/frames'
import { shownPicture } from '../../core/pictures/shown'
import { sizesOf } from '../../core/pictures/sizes'
import type { FittingContents } from '../../site/view'
import { cardContext, cardView } from '../pages/card-views'
import type { FittingAsked } from './index'

/** The entry that the page is about, in its parts; null where that is none that visitors may see. */
export async function entryContent(
  { parts }: EntrySettings,
  { known, now, box, entry: entryOfPage }: Pick<FittingAsked, 'known' | 'now' | 'box' | 'entry'>,
): Promise<FittingContents['entry']> {
  const entry = await entryOfPage()
  if (entry === null) return null
  const context = { ...cardContext(known, now), sizes: pictureSizes(parts, entry, box), atOnce: true }
  return cardView(entry, { links: false, newTab: false }, parts, context)
}

/** What an entry's picture has on its page, in CSS pixels; `.entry .picture` says the same. */
const pictureRoom = { width: 960, height: 600 }

/** `sizes` of the picture: it has its share where something is beside it, and its room where nothing is. */
function pictureSizes(parts: readonly PartSetting[], { picture }: CardEntry, box: Box): string {
  const { beside, share } = frameOf(parts)
  const setting = parts.find((one) => one.part === 'picture')
  if (picture === null || setting?.part !== 'picture' || beside !== null)
    return sizesOf(box, [{ from: 0, parts: 1 / share, minus: 0 }])
  const ratio = ratioNumber(setting.ratio) ?? picture.width / picture.height
  const width = Math.min(pictureRoom.width, widestOf(box), pictureRoom.height * ratio)
  return shownPicture(picture, { width }).sizes
}
