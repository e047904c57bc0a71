import { cardPhrase } from '../cards/parts'
import { rules } from '../query/rules'
import { shapePhrase } from '../shapes'
import type { Words } from '../words'
import { amountPhrase } from './amount'
import type { Clause, From, Listing } from './definition'
import { orderPhrase } from './order'

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

/** The listing in plain words, true by construction: it is made from the definition alone. */
export function sentenceOf(listing: Listing, words: Words): readonly SentencePiece[] {
  const shape = shapePhrase(listing.shape)
  return [
    text('Show '),
    ticket('from', fromPhrase(listing.from, words)),
    text(', '),
    ticket('order', orderPhrase(listing.order)),
    text(', '),
    ticket('amount', amountPhrase(listing.amount)),
    text(', as a '),
    ticket('shape', shape.text, shape.aside),
    text('. Each card carries '),
    ticket('card', cardPhrase(listing.card, words)),
    text('.'),
  ]
}

/** The sentence as one text, for reading aloud and for names. */
export function sentenceText(pieces: readonly SentencePiece[]): string {
  return pieces
    .map((piece) => (piece.kind === 'ticket' && piece.aside !== null ? `${piece.text} (${piece.aside})` : piece.text))
    .join('')
}

function fromPhrase(from: From, words: Words): string {
  const collection = words.collection(from.collection)?.plural.toLowerCase() ?? 'a collection that is gone'
  const [first, ...rest] = from.rules.map((rule) => rules.get(rule.rule).phrase(rule, words))
  if (first === undefined) return `all ${collection}`
  return [`${collection} ${first}`, ...rest].join(', ')
}

function text(words: string): SentencePiece {
  return { kind: 'text', text: words }
}

function ticket(clause: Clause, words: string, aside: string | null = null): SentencePiece {
  return { kind: 'ticket', clause, text: words, aside }
}
