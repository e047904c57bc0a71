import { frameOf } from '../cards/card'
import { pixelsOf } from '../looks/length-pixels'
import { measuredSize } from '../looks/measured-letters'
import type { SiteValues } from '../looks/site-values'
import { valueAt } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { takenWidth } from '../looks/taken-width'
import { boxWidthOn } from '../pages/frames/define'
import { shapeOf } from '../shapes'
import type { Check, CheckedListing } from './define'
import { partsOn, wholeLook } from './define'
import { pageWidths } from './widths'

/**
 * Letters to a line below which running text falls apart. Common practice: 45 to 75 are easy, half
 * of that is the least.
 */
export const fewestLetters = 22
/** WCAG 2.2, success criterion 1.4.8 (level AAA): no more than 80 letters to a line. */
export const mostLetters = 80

/** Lines of running text that are too short or too long, by the measured width of letters. */
export const crowdedText: Check = {
  name: 'crowded-text',
  title: 'Lines too short or too long',
  find(checked, { letters, values }) {
    const running = partsOn(checked.listing.card).find(
      (part) => part.part === 'summary' || part.part === 'text',
    )
    if (
      running === undefined ||
      letters === null ||
      checked.cards.length === 0 ||
      checked.listing.shape.name === 'table'
    )
      return []
    const look = wholeLook(checked)
    const lines = pageWidths.map((pageWidth) => {
      const box = boxWidthOn(checked.box, pageWidth)
      const around = takenWidth(look, ['card', 'card-below', running.part], box, values.spaces)
      const width = textWidth(checked, box, running.zone === 'beside') - around
      const letter = letterWidth(look, running.part, box, letters.summary, values)
      return { pageWidth, letters: Math.max(0, Math.floor(width / letter)) }
    })
    const shortest = lines.reduce((least, one) => (one.letters < least.letters ? one : least))
    const longest = lines.reduce((most, one) => (one.letters > most.letters ? one : most))
    if (shortest.letters < fewestLetters)
      return [
        {
          text: `Lines have only ${shortest.letters} letters on a page of ${shortest.pageWidth} px. Use fewer columns there, or leave the summary out.`,
          mends: [],
          show: { pageWidth: shortest.pageWidth, part: 'summary' },
        },
      ]
    // A text of a line or two is read at a glance, however long the line. About six letters to a
    // word, with the space.
    const isRunning = Math.max(...checked.cards.map((card) => card.words)) * 6 > 2 * longest.letters
    if (longest.letters > mostLetters && isRunning)
      return [
        {
          text: `Lines have up to ${longest.letters} letters on a page of ${longest.pageWidth} px, more than is easy to follow. Use more columns there, or a picture beside the text.`,
          mends: [],
          show: { pageWidth: longest.pageWidth, part: 'summary' },
        },
      ]
    return []
  },
}

/** How wide a letter of a text is in a box of this width, as the look of its listing sets it. */
function letterWidth(
  look: Styles,
  target: string,
  box: number,
  measured: number,
  values: SiteValues,
): number {
  const seen = { states: [], width: box }
  const size = valueAt(look, target, 'letterSize', seen)
  const spacing = valueAt(look, target, 'letterSpacing', seen)
  const pixels = size === undefined ? null : pixelsOf(size, values.letterSizes)
  const between = spacing === undefined ? 0 : (pixelsOf(spacing, []) ?? 0)
  return Math.max(measured * ((pixels ?? measuredSize) / measuredSize) + between, 1)
}

/** How wide the text of a card is in a box of this width, with nothing around it in its card. */
function textWidth({ listing }: CheckedListing, box: number, isBeside: boolean): number {
  const { shape } = listing
  const card = shapeOf(shape)
    .cardWidths(shape)
    .findLast((one) => one.from <= box)
  const width = card === undefined ? box : (box - card.minus) / card.parts
  if (shape.name === 'list') {
    const stop = shape.stops.findLast((one) => one.from <= box)
    return stop?.picture === 'start' || stop?.picture === 'end' ? width * (1 - stop.share / 100) - 22 : width
  }
  return isBeside ? width * (1 - frameOf(listing.card.parts).share) - 16 : width
}
