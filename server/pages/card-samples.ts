import { readyMadeCards, withReadyMade } from '../../core/cards/ready-made'
import type { Listing } from '../../core/listing/definition'
import type { Sample } from '../../core/pages/answers'
import { fieldsOf } from '../content/fields'
import type { Db } from '../db/client'
import { askingAnew } from '../listings/ask'
import { cardEntries } from '../listings/card-entries'
import type { Asked } from '../listings/context'
import { renderSample } from '../render/render'
import { cardContext, cardView } from './card-views'

/** Width of a sample in the bench, in CSS pixels. */
const sampleWidth = '300px'

/**
 * Every ready-made card with one of the listing's own entries, the first that has a picture; none
 * where the listing shows nothing.
 */
export async function cardSamples(db: Db, listing: Listing, asked: Asked): Promise<readonly Sample[]> {
  const asker = askingAnew(db)
  const [{ site, words }, shown, fields] = await Promise.all([
    asker.known(),
    asker.shown(listing, asked, []),
    fieldsOf(db, listing.from.collections[0] ?? 0),
  ])
  const entries = await cardEntries(db, shown.rows.slice(0, 12), { zone: site.zone, text: true })
  const entry = entries.find((one) => one.picture !== null) ?? entries[0]
  if (entry === undefined) return []
  const samples = readyMadeCards.map(async (ready) => {
    const parts = withReadyMade(listing.card.parts, ready, fields)
    const context = { ...cardContext({ site, words }, asked.now), sizes: sampleWidth, atOnce: true }
    return { name: ready.name, html: await renderSample(cardView(entry, listing.card, parts, context), site) }
  })
  return Promise.all(samples)
}
