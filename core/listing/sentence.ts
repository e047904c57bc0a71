import { cardAside, cardPhrase, carriesPicture } from '../cards/card'
import { shapeOf, shapePhrase } from '../shapes'
import { choosesDates } from './asks-when'
import type { BoxWidths } from '../shapes/define'
import type { Words } from '../words'
import { amountAside, amountPhrase } from './amount'
import type { Clause } from './clauses'
import type { Listing } from './definition'
import { fromPhrase } from './from'
import { lookPhrase } from './look'
import { orderPhrase } from '../order/order'
import { visitorsPhrase } from './visitors'

/** A run of the sentence: plain text, or a clause's ticket. */
export type SentencePiece =
  | { readonly kind: 'text'; readonly text: string }
  | {
      readonly kind: 'ticket'
      readonly clause: Clause
      readonly text: string
      /** Said after the text in a lower voice: “2 · 1”, the columns at narrower widths. */
      readonly aside: string | null
    }

/**
 * The listing in plain words, true by construction: it is made from the definition alone, and from how
 * wide its box is where that is known.
 */
export function sentenceOf(listing: Listing, words: Words, box?: BoxWidths): readonly SentencePiece[] {
  const shape = shapePhrase(listing.shape, { carriesPicture: carriesPicture(listing.card) }, box)
  return [
    text('Show '),
    ticket('from', fromPhrase(listing.from, words, choosesDates(listing))),
    text(', '),
    ticket('order', orderPhrase(listing.order, words)),
    text(', '),
    ...amountPieces(listing),
    text(', as '),
    ticket('shape', shape.text, shape.aside),
    text('. Each card carries '),
    ticket('card', cardPhrase(listing.card, words), cardAside(listing.card, words.locale)),
    text(', in '),
    ticket('look', lookPhrase(listing, words)),
    text('. Visitors '),
    ticket('visitors', visitorsPhrase(listing.visitors, words)),
    text('.'),
  ]
}

/** How many; a shape that is turned like a sheet shows all of the time that it is turned to. */
function amountPieces({ amount, shape }: Listing): readonly SentencePiece[] {
  return shapeOf(shape).stretch === undefined
    ? [ticket('amount', amountPhrase(amount), amountAside(amount))]
    : [ticket('amount', 'all at a time')]
}

/** The sentence as one text, for reading aloud and for names. */
export function sentenceText(pieces: readonly SentencePiece[]): string {
  return pieces
    .map((piece) =>
      piece.kind === 'ticket' && piece.aside !== null ? `${piece.text} (${piece.aside})` : piece.text,
    )
    .join('')
}

function text(words: string): SentencePiece {
  return { kind: 'text', text: words }
}

function ticket(clause: Clause, words: string, aside: string | null = null): SentencePiece {
  return { kind: 'ticket', clause, text: words, aside }
}
