import { frameOf } from '../cards/card'
import { ratioNumber } from '../cards/parts/picture'
import type { SiteValues } from '../looks/site-values'
import { takenWidth } from '../looks/taken-width'
import { boxWidthOn } from '../pages/frames/define'
import { pictureWidthsOf } from '../shapes'
import type { Check, CheckedListing } from './define'
import { partsOn, wholeLook } from './define'
import { pageWidths } from './widths'

/** Pictures with fewer pixels than their box has, at its largest: they look soft. */
export const softPictures: Check = {
  name: 'soft-pictures',
  title: 'Soft picture',
  find(checked, { values }) {
    const largest = largestPicture(checked, values)
    if (largest === null) return []
    const ratio = ratioOf(checked)
    const softAt = (density: number) =>
      checked.cards.filter(({ picture }) => {
        if (picture === null) return false
        // Of a picture that is cropped to its box, the side that is cropped less counts.
        const usable = ratio === null ? picture.width : Math.min(picture.width, picture.height * ratio)
        return usable < Math.floor(largest.width) * density
      })
    const [plain, dense] = [softAt(1), softAt(2)]
    const found = plain.length > 0 ? plain : dense
    const first = found[0]
    if (first === undefined || first.picture === null) return []
    const others = found.length > 1 ? ` So are ${found.length - 1} more.` : ''
    const box = `${Math.round(largest.width)} px wide on a page of ${largest.pageWidth} px`
    const text =
      plain.length > 0
        ? `The picture of “${first.title}” is ${first.picture.width} × ${first.picture.height} px, and is stretched to a box ${box}.${others}`
        : `The picture of “${first.title}” is ${first.picture.width} × ${first.picture.height} px: sharp in its box ${box}, but not on a screen of double density.${others}`
    return [{ text, mends: [], show: { pageWidth: largest.pageWidth, entry: first.entry } }]
  },
}

/** How wide pictures get at most, and on which page; null where there are none. */
export function largestPicture(
  { listing, followed, box }: Pick<CheckedListing, 'listing' | 'followed' | 'box'>,
  { spaces }: Pick<SiteValues, 'spaces'>,
): { readonly width: number; readonly pageWidth: number } | null {
  if (!partsOn(listing.card).some((part) => part.part === 'picture')) return null
  const widths = pictureWidthsOf(listing.shape, frameOf(listing.card.parts).share)
  const look = wholeLook({ listing, followed })
  const all = pageWidths.map((pageWidth) => {
    const boxWidth = boxWidthOn(box, pageWidth)
    const known = widths.findLast((one) => one.from <= boxWidth)
    const around = takenWidth(look, ['card', 'picture'], boxWidth, spaces)
    const width = known === undefined ? 0 : (boxWidth - known.minus) / known.parts - around
    return { pageWidth, width: Math.max(0, width) }
  })
  return all.reduce((best, one) => (one.width > best.width + 0.5 ? one : best))
}

function ratioOf({ listing }: Pick<CheckedListing, 'listing'>): number | null {
  const picture = partsOn(listing.card).find((part) => part.part === 'picture')
  return picture?.part === 'picture' && picture.fit !== 'whole' ? ratioNumber(picture.ratio) : null
}
