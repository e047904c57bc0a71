import { filledParts, frameOf, partsAt } from '../../core/cards/card'
import type { Card } from '../../core/cards/card'
import type { CardContext, CardEntry } from '../../core/cards/card-entry'
import { parts } from '../../core/cards/parts'
import type { PartSetting } from '../../core/cards/parts'
import { shownFrom } from '../../core/listing/amount'
import type { Listing } from '../../core/listing/definition'
import type { Box } from '../../core/pages/frames'
import { sizesOf } from '../../core/pictures/sizes'
import { pictureWidthsOf, shapeOf } from '../../core/shapes'
import type { Words } from '../../core/words'
import type { CardView } from '../../site/view'
import type { KnownSite } from '../listings/context'
import { rowName } from '../../core/content/row'

/** What cards know of the site that they stand in. `now` is epoch milliseconds. */
export function cardContext(
  { site, words }: Pick<KnownSite, 'site' | 'words'>,
  now: number,
): Omit<CardContext, 'sizes' | 'atOnce'> {
  const { locale, zone, readingPace, placeholder } = site
  return { locale, zone, readingPace, placeholder, now, field: words.field, termNow: words.termNow }
}

/** What a part is called at the head of a table: a field by its own name. */
export function columnTitle(part: PartSetting, words: Words): string {
  const field = 'field' in part && part.field !== undefined ? words.field(part.field) : undefined
  return field?.name ?? parts.get(part.part).title
}

/** The cards of a listing that fills a box. The first row of the first listing is what is seen at once. */
export function cardViews(
  box: Box,
  listing: Listing,
  entries: readonly CardEntry[],
  place: Omit<CardContext, 'sizes' | 'atOnce'>,
  isFirst: boolean,
): readonly CardView[] {
  const { card, shape } = listing
  const row = Math.max(
    ...shapeOf(shape)
      .cardWidths(shape)
      .map((width) => Math.floor(width.parts)),
  )
  const sizesFor = new Map<number, string>()
  return entries.map((entry, at) => {
    const shown = partsAt(card, at)
    const { share } = frameOf(shown)
    const sizes = sizesFor.get(share) ?? sizesOf(box, pictureWidthsOf(shape, share))
    sizesFor.set(share, sizes)
    return {
      ...cardView(entry, card, shown, { ...place, sizes, atOnce: isFirst && at < row }),
      from: shownFrom(listing.amount, at),
    }
  })
}

/** A card of these parts with an entry in it. */
export function cardView(
  entry: CardEntry,
  { links, newTab }: Pick<Card, 'links' | 'newTab'>,
  shown: readonly PartSetting[],
  context: CardContext,
): CardView {
  return {
    entryId: entry.id,
    row: rowName({ id: entry.id, at: entry.occurrence?.key ?? null }),
    title: entry.title,
    address: links ? entry.address : null,
    newTab,
    from: 0,
    frame: frameOf(shown),
    found: null,
    compare: null,
    parts: filledParts(shown, entry, context),
  }
}
