import type { Words } from '../words'
import type { Rule } from './index'
import type { Predicate } from './predicate'

/** What the page that a listing stands on is about. */
export type PageSubject =
  | { readonly kind: 'term' | 'author' | 'entry'; readonly id: number }
  /** A calendar month, 1 to 12. */
  | { readonly kind: 'month'; readonly year: number; readonly month: number }
  | { readonly kind: 'search'; readonly words: string }

/** A key with what sharing it counts for: the rarer, the more. Whole numbers. */
export interface KeyWeight {
  readonly key: number
  readonly weight: number
}

/** What a visitor's choice asks: in its plainest form, or as a rule does. */
export type VisitorAsk = Predicate | Rule

/** Everything an answer depends on besides the definition and the content. */
export interface QuestionContext {
  /** Epoch milliseconds. */
  readonly now: number
  /** What definitions refer to; also the language and the time zone of the site. */
  readonly words: Words
  /** The number that stands for a value of a field in the index; null for a value that no entry has. */
  readonly keyOf: (field: number, value: string) => number | null
  readonly page: PageSubject | null
  /** Entries shown above on the same page. */
  readonly above: readonly number[]
  /** What a visitor chose by the listing's controls asks of entries. */
  readonly choices: readonly VisitorAsk[]
  /** Terms of the page's entry, by how rare they are. */
  readonly related: readonly KeyWeight[]
  /** Names the visit, for shuffles that last as long as one. */
  readonly visit: string
  /** What a broken rule does: it is left out, or the listing shows nothing. */
  readonly broken: 'without' | 'nothing'
}

/** The context together with the collections that a listing asks of. */
export interface PlanContext extends QuestionContext {
  readonly collections: readonly number[]
}

/** A context of which only the moment and the words matter. */
export function plainContext(now: number, words: Words): QuestionContext {
  return {
    now,
    words,
    keyOf: () => null,
    page: null,
    above: [],
    choices: [],
    related: [],
    visit: '',
    broken: 'without',
  }
}
