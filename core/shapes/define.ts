import { object, string } from 'yup'
import type { ObjectShape, Schema } from 'yup'
import type { CollectionKind } from '../content/collection'
import type { FieldPlace } from '../content/fields/define'
import type { Style } from '../style/rules'
import type { Grouping } from './grouping'

/** Where one card lies in its listing's box, in CSS pixels from the top left corner. */
export interface Placed {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/** From this box width on, a card is (box − minus) ÷ parts wide. All in CSS pixels. */
export interface CardWidth {
  readonly from: number
  readonly parts: number
  readonly minus: number
}

/** A stop as the ruler shows it. */
export interface RulerStop {
  /** Width of the listing's own box, in CSS pixels; the first stop is always 0. */
  readonly from: number
  readonly label: string
}

export const alignments = ['start', 'center', 'end'] as const
export type Alignment = (typeof alignments)[number]
export const directions = ['site', 'ltr', 'rtl'] as const

/** What every shape can be set to. */
export interface CommonSettings {
  /** Of the text in cards. */
  readonly align: Alignment
  /** In which direction it is read; of the site's language where nothing else is said. */
  readonly direction: (typeof directions)[number]
}

export const commonDefaults: CommonSettings = { align: 'start', direction: 'site' }

/** What a shape's part of the sentence goes by besides its own settings. */
export interface CardCarries {
  /** Whether any card of the listing shows a picture. */
  readonly carriesPicture: boolean
}

/** How wide a listing's own box is where it is looked at, in CSS pixels. */
export interface BoxWidths {
  readonly now: number
  /** On the widest of pages; Infinity where it grows with the page. */
  readonly widest: number
}

/** Where and when something is laid out; `now` is epoch milliseconds. */
export type ArrangedAt = FieldPlace & {
  readonly now: number
  /** The time zone of whoever reads, where that is known; else null. */
  readonly visitor: string | null
  /** Which part of it an address asks for; null for the one that is shown first. */
  readonly turned: string | null
  /** Where it may be that nothing of what is asked for happens: when the next thing begins; else null. */
  readonly later: number | null
  /** The outermost terms of the facet that `termsShown` names, in their order. */
  readonly terms: readonly { readonly id: number; readonly name: string }[]
}

/** A way to lay entries out: what can be set, how it reads, and its geometry. */
export interface ShapeKind<Name extends string = string, Settings = never> {
  readonly name: Name
  readonly title: string
  /** What it is for, in a few words. */
  readonly about: string
  /** What it is begun with for, by what entries are; the first shape serves all others. */
  readonly suits?: readonly CollectionKind[]
  readonly schema: Schema<Settings & { readonly name: Name }>
  readonly defaults: Settings
  /** Its part of the sentence, after “as”: a text, and what narrower widths get. */
  readonly words: (
    settings: Settings,
    card: CardCarries,
  ) => { readonly text: string; readonly aside: string | null }
  /**
   * Where cards of these natural heights lie in a box of this width. Of a shape with groups: where
   * those of one group lie.
   */
  readonly layout: (settings: Settings, heights: readonly number[], width: number) => readonly Placed[]
  /** How wide a card is at each box width, widest last: feeds sizes and checks of sharpness. */
  readonly cardWidths: (settings: Settings) => readonly CardWidth[]
  /** How wide pictures are, where the shape says that and not the card. */
  readonly pictureWidths?: (settings: Settings) => readonly CardWidth[]
  /** By what cards are put together under names; null for not at all. */
  readonly grouping?: (settings: Settings) => Grouping | null
  /**
   * Whether it lays out by when entries happen, so that a listing of this shape asks for that: each
   * date, or what the listing says of dates.
   */
  readonly isOfWhen?: 'every date' | 'as asked'
  /**
   * Of a shape that is turned like a sheet: the stretch of time that an address asks for, in epoch
   * milliseconds without the end, and the term that it is narrowed to. What lies within its `margin`
   * (milliseconds) may not be seen, where each thing has a clock of its own.
   */
  readonly stretch?: (
    settings: Settings,
    at: Pick<ArrangedAt, 'locale' | 'zone' | 'now' | 'visitor' | 'turned'>,
  ) => {
    readonly from: number
    readonly before: number
    readonly term: number | null
    readonly margin: number
  }
  /** The facet whose terms it tells apart; null for none. */
  readonly termsShown?: (settings: Settings) => number | null
  /** Whether the script of public pages has something to do for it. */
  readonly isDriven?: boolean
  /** Cards in a row at each stop, where a row can end with a hole. */
  readonly rows?: (settings: Settings) => readonly { readonly from: number; readonly columns: number }[]
  /** Whether it moves by itself, and for how many seconds each stands still. */
  readonly movesEvery?: (settings: Settings) => number | null
  readonly stops: (settings: Settings) => readonly RulerStop[]
  /** The settings with stop `at` moved to a box width; it stays between its neighbours. */
  readonly moveStop: (settings: Settings, at: number, from: number) => Settings
  /** The style rules of one listing's box, found by `selector`. */
  readonly styles: (settings: Settings, selector: string) => readonly Style[]
}

/** Checks the settings of a shape, with those that every shape has. */
export function settingsSchema<const Name extends string>(name: Name, fields: ObjectShape) {
  return object({
    name: string<Name>().oneOf([name]).required(),
    align: string<Alignment>().oneOf([...alignments]),
    direction: string<CommonSettings['direction']>().oneOf([...directions]),
    ...fields,
  })
    .noUnknown()
    .required()
}

/** States a shape with its exact types. */
export function defineShape<const Name extends string, Settings extends CommonSettings>(
  kind: Omit<ShapeKind<Name, Settings>, 'schema'> & { readonly schema: Schema<unknown> },
): ShapeKind<Name, Settings> {
  return kind as ShapeKind<Name, Settings>
}
