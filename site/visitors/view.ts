import type { CollectionIcon } from '../../core/content/collection'
import type { ShownPicture } from '../../core/pictures/shown'
import type { Scale } from '../../core/visitors/scale'
import type { ComparisonView } from './comparing'

/** What visitors are offered to do with a listing, as plain values. */

/** A press that narrows, or takes that back: where it leads, as a link of the page. */
export interface Way {
  readonly title: string
  readonly address: string
}

/** How ways are laid out that stand in sight. */
export type WaysLayout = 'bar' | 'tabs' | 'list' | 'ticks'

/** One of several ways, as a term to press. */
export interface ControlWay extends Way {
  /** Names it among those of its page. */
  readonly id: string
  /** What it would find; null where that is not told. */
  readonly count: number | null
  readonly isChosen: boolean
  readonly depth: number
  /** Where a press on it is told; nothing and null where it is not. */
  readonly told?: string | null
  /** What stands for it beside its words; nothing and null where it has none. */
  readonly sign?: { readonly icon: CollectionIcon } | { readonly picture: ShownPicture } | null
}

/** What else is asked of the page, and goes on being asked by a form. */
type OthersAsked = readonly { readonly name: string; readonly value: string }[]

/** What narrows, by terms, by the choices of a field or by authors. */
interface TermsContent {
  readonly layout: WaysLayout | 'menu'
  /** Whether several of them are chosen together. */
  readonly several: boolean
  /** What chooses none of them; null where nothing does. */
  readonly all: (Way & { readonly isChosen: boolean }) | null
  /** Where the signs of ways stand; nothing and null where there are none. */
  readonly icons?: 'before' | 'above' | null
  readonly first: readonly ControlWay[]
  /** Those that fold out. */
  readonly others: readonly ControlWay[]
}

/** What lies between two limits, to be typed or pressed. */
export type LimitsContent =
  | {
      readonly layout: 'fields'
      readonly input: 'number' | 'date'
      /** What it is called in the address. */
      readonly parameter: string
      /** Empty for no limit. */
      readonly from: string
      readonly to: string
      readonly others: OthersAsked
      /** Where it is told that it was used; null where it is not. */
      readonly told: string | null
    }
  | {
      readonly layout: 'slider'
      readonly parameter: string
      /** As they are set; the ends of the scale where there is no limit. */
      readonly from: number
      readonly to: number
      readonly scale: Scale
      /** How high bars stand over it, from 0 to 1, from its least on. */
      readonly bars: readonly number[]
      /** What is set in words, as the field says it. */
      readonly said: string
      readonly others: OthersAsked
      readonly told: string | null
    }
  | {
      readonly layout: WaysLayout | 'menu'
      readonly all: (Way & { readonly isChosen: boolean }) | null
      readonly ways: readonly ControlWay[]
    }

/** A few ways of which one is always chosen. */
interface WaysContent {
  readonly layout: WaysLayout | 'menu'
  readonly ways: readonly ControlWay[]
  /** What it is called in the address, where what is chosen is remembered for the visit. */
  readonly remembered?: string
}

/** What controls show besides their settings, by their names. */
export interface ControlContents {
  readonly terms: TermsContent
  readonly values: TermsContent
  readonly authors: TermsContent
  readonly range: LimitsContent
  readonly dates: LimitsContent
  readonly compare: {
    /** So many can be chosen. */
    readonly most: number
    /** Each with what takes it off. */
    readonly chosen: readonly Way[]
    /** The address at which they stand side by side; null where there is nothing to be seen so. */
    readonly together: string | null
  }
  readonly sort: WaysContent
  readonly views: WaysContent
  readonly amount: WaysContent
  readonly search: {
    /** What the words are called in the address. */
    readonly parameter: string
    readonly typed: string
    /** So many characters are taken. */
    readonly most: number
    readonly hint: string
    readonly button: string
    readonly others: OthersAsked
    readonly told: string | null
  }
}

/** One control as it is offered. */
export interface ControlView {
  readonly control: keyof ControlContents
  readonly label: string
  readonly labelHidden: boolean
  /** Whether it folds away with its name; null where it never does. */
  readonly folds: 'open' | 'folded' | null
  readonly content: ControlContents[keyof ControlContents]
}

/** The controls of a listing, and what came of what is chosen by them. */
export interface VisitorsView {
  readonly place: 'above' | 'before' | 'after' | 'below'
  /** Those that offer anything. */
  readonly controls: readonly ControlView[]
  /** How many choices each control of the listing has in sight, in their order. */
  readonly offered: readonly number[]
  /** What is chosen, each with what takes it back. */
  readonly chosen: readonly Way[]
  /** Takes all of it back; null where nothing is chosen. */
  readonly clear: string | null
  /** How many there are; null where something is chosen, and where no control narrows. */
  readonly all: number | null
  /** How many are found under what is chosen; null where nothing is. */
  readonly found: number | null
  /** What is shown instead of the listing where entries are compared side by side; null elsewhere. */
  readonly comparison: ComparisonView | null
  /** Where nothing is found: each choice whose removal finds something, with how much. */
  readonly instead: readonly (Way & { readonly count: number })[]
}
