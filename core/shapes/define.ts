import type { Schema } from 'yup'

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

/** A way to lay entries out: what can be set, how it reads, and its geometry. */
export interface ShapeKind<Name extends string = string, Settings = never> {
  readonly name: Name
  readonly title: string
  readonly schema: Schema<Settings & { readonly name: Name }>
  readonly defaults: Settings
  /** Its part of the sentence: a text, and what narrower widths get. */
  readonly words: (settings: Settings) => { readonly text: string; readonly aside: string | null }
  /** Where cards of these natural heights lie in a box of this width. */
  readonly layout: (settings: Settings, heights: readonly number[], width: number) => readonly Placed[]
  /** How wide a card is at each box width, widest last: feeds sizes and checks of sharpness. */
  readonly cardWidths: (settings: Settings) => readonly CardWidth[]
  readonly stops: (settings: Settings) => readonly RulerStop[]
  /** The settings with stop `at` moved to a box width; it stays between its neighbours. */
  readonly moveStop: (settings: Settings, at: number, from: number) => Settings
  /** The style rules of one listing's box, found by `selector`. */
  readonly css: (settings: Settings, selector: string) => string
}

/** States a shape with its exact types. */
export function defineShape<const Name extends string, Settings>(
  kind: ShapeKind<Name, Settings>,
): ShapeKind<Name, Settings> {
  return kind
}
