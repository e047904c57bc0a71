import type { Field, FieldValues } from '../content/field'
import type { Picture } from '../pictures/picture'
import type { Placeholder } from '../pictures/placeholder'
import type { EntryInFull } from './entry-in-full'
import type { EntryTrack } from '../content/track'
import type { Occurrence } from '../time/occurrences'

/** What a card can tell of an entry. */
export interface CardEntry {
  readonly id: number
  readonly title: string
  readonly summary: string
  /** The body's words; empty where no part asks for them. */
  readonly text: string
  /** Words of the body, counted when it was saved. */
  readonly wordCount: number
  /** Address of the entry's own page. */
  readonly address: string
  /** Epoch milliseconds. */
  readonly publishedAt: number
  readonly author: { readonly name: string; readonly portrait: Picture | null } | null
  readonly picture: Picture | null
  readonly pinned: boolean
  readonly views: number
  readonly comments: number
  /** Readers who voted for it. */
  readonly likes: number
  /** The entry's own terms, without their ancestors. */
  readonly terms: readonly {
    readonly id: number
    readonly facetId: number
    readonly name: string
    readonly address: string
  }[]
  /** Ids of its terms with all their ancestors. */
  readonly within: readonly number[]
  /** Fields of the entry's collection, by id. */
  readonly fields: ReadonlyMap<number, Field>
  /** What it has in its fields; where the card stands for one of its dates, those of that date. */
  readonly values: FieldValues
  /** The date that the card stands for; null where it stands for the entry. */
  readonly occurrence: Occurrence | null
  /**
   * That date, or, where the card stands for the entry, the one that is going on or comes next; null
   * where there is none or no part asks for it.
   */
  readonly date: Occurrence | null
  /** The time zone in which it happens; the site's where it says none. */
  readonly zone: string
  /** The room or line that it is in; null for none. */
  readonly track: EntryTrack | null
  /** What only the entry's own page shows; null everywhere else. */
  readonly full: EntryInFull | null
}

/** What a card needs to know of the place it stands in. */
export interface CardContext {
  readonly locale: string
  readonly zone: string
  /** How fast visitors read, in words a minute. */
  readonly readingPace: number
  /** Epoch milliseconds, for dates that are told from today. */
  readonly now: number
  /** A field by its id, of whichever collection. */
  readonly field: (id: number) => Field | undefined
  /** The term that one of this number is by now. */
  readonly termNow: (id: number) => number
  /** What stands for a missing picture on the whole site. */
  readonly placeholder: Placeholder
  /** `sizes` of the card's picture. */
  readonly sizes: string
  /** Whether the card is likely to be seen at once, so that its picture should not wait. */
  readonly atOnce: boolean
}

/**
 * What an entry has in a field that was chosen for a card, with its own field: that one, or, in
 * another collection, the field with the same key and type. Null where it has nothing there.
 */
export function valueOf(
  entry: CardEntry,
  id: number,
  { field: fieldOf }: Pick<CardContext, 'field'>,
): { readonly field: Field; readonly value: unknown } | null {
  const chosen = fieldOf(id)
  const field =
    entry.fields.get(id) ??
    [...entry.fields.values()].find((one) => one.key === chosen?.key && one.type === chosen.type)
  const value = field === undefined ? undefined : entry.values[field.id]
  return field === undefined || value === undefined ? null : { field, value }
}
