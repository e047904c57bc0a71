import type { Schema } from 'yup'
import type { Words } from '../../words'
import type { CardContext, CardEntry } from '../card-entry'

/** One piece of a card: what can be set, how it reads, and what it takes from an entry. */
export interface PartKind<Name extends string = string, Setting = never, Content = unknown> {
  readonly name: Name
  readonly title: string
  readonly schema: Schema<Setting>
  readonly defaults: Setting
  /** What the sentence calls it: “summary of 25 words”. */
  readonly phrase: (setting: Setting, words: Words) => string
  /** What is shown, or null when the entry has nothing for it. */
  readonly content: (setting: Setting, entry: CardEntry, context: CardContext) => Content | null
}

/** States a part with its exact types. */
export function definePart<const Name extends string, Setting extends { readonly part: Name }, Content>(
  kind: PartKind<Name, Setting, Content>,
): PartKind<Name, Setting, Content> {
  return kind
}
