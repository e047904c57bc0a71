import { boolean, object, string } from 'yup'
import type { ObjectShape, Schema } from 'yup'
import type { Words } from '../../words'
import type { CardContext, CardEntry } from '../card-entry'
import { conditionSchema } from '../condition'
import type { Condition } from '../condition'

/** Where on the card a part sits: above, over, beside or below the picture, or at the card's foot. */
export const zones = ['above', 'over', 'beside', 'below', 'foot'] as const
export type Zone = (typeof zones)[number]

/** What every part can be set to. */
export interface PartBase {
  readonly on: boolean
  /** Tells apart parts of a kind that a card can have several of. */
  readonly id?: string
  /** Below the picture unless said otherwise. */
  readonly zone?: Zone
  /** Stands before and after what is shown. */
  readonly prefix?: string
  readonly suffix?: string
  /** Shown for these entries only. */
  readonly only?: Condition
}

/** One piece of a card: what can be set, how it reads, and what it takes from an entry. */
export interface PartKind<Name extends string = string, Setting = never, Content = unknown> {
  readonly name: Name
  readonly title: string
  /** Finds within it what a look styles. */
  readonly styled: string
  /** What else of it a look can style, by a name. */
  readonly alsoStyled?: Readonly<Record<string, { readonly title: string; readonly selector: string }>>
  /** Whether it is pointed at and holds the focus itself; else its card does. */
  readonly isHeldItself?: true
  readonly schema: Schema<Setting>
  readonly defaults: Setting
  /** Whether a card can have several of it; each has an id then. */
  readonly several?: boolean
  /** Whether it makes sense on an entry's own page only, and not on a card. */
  readonly isLarge?: true
  /** Whether words before and after it make sense. */
  readonly wraps?: boolean
  /** What the sentence calls it: “summary of 25 words”. */
  readonly phrase: (setting: Setting, words: Words) => string
  /** What is shown, or null when the entry has nothing for it. */
  readonly content: (setting: Setting, entry: CardEntry, context: CardContext) => Content | null
  /** Whether the text of an entry is needed, which is only fetched then. */
  readonly readsText?: (setting: Setting) => boolean
  /** Whether it tells how often the entry was read, which changes without the entry. */
  readonly showsReads?: (setting: Setting) => boolean
  /**
   * How many minutes before the entry's date it comes, to go when that ends; nothing where the clock
   * does not move it.
   */
  readonly opens?: (setting: Setting) => number | undefined
}

const affix = string().max(40, 'Keep the words before and after within 40 characters.')

/** Checks a part: the fields of its own, with those that every part has. */
export function partSettings<const Name extends string>(name: Name, fields: ObjectShape = {}) {
  return object({
    part: string<Name>().oneOf([name]).required(),
    on: boolean().required(),
    id: string().matches(/^[a-z0-9-]{1,40}$/, 'The id of a part has small letters, digits and hyphens.'),
    zone: string<Zone>().oneOf(
      [...zones],
      'A part sits above, over, beside or below the picture, or at the foot.',
    ),
    prefix: affix,
    suffix: affix,
    only: conditionSchema,
    ...fields,
  })
    .noUnknown()
    .required()
}

/** States a part with its exact types. */
export function definePart<
  const Name extends string,
  Setting extends PartBase & { readonly part: Name },
  Content,
>(
  kind: Omit<PartKind<Name, Setting, Content>, 'schema'> & { readonly schema: Schema<unknown> },
): PartKind<Name, Setting, Content> {
  return kind as PartKind<Name, Setting, Content>
}
