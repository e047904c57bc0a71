import type { Schema } from 'yup'
import type { Catalogue } from '../content/catalogue'
import type { Card } from '../cards/card'
import type { Order } from '../order/order'
import type { VisitorAsk } from '../rules/context'
import type { ShapeChoice } from '../shapes'
import type { StyleTarget } from '../style/targets'
import type { KnownField, Words } from '../words'

/** What controls refer to, with what it is called in addresses. */
export type ControlSite = Pick<Catalogue, 'facets' | 'terms' | 'authors'> & { readonly words: Words }

/** The same, with the collections that the listing shows. */
export interface AskedSite extends ControlSite {
  readonly collections: readonly number[]
}

/** What an address says of a control: what is chosen by it, and what in it means nothing. */
export interface ReadChoice<Choice> {
  /** Null for nothing. */
  readonly choice: Choice | null
  readonly unknown: readonly string[]
}

/** What of a listing visitors may have otherwise: its order, how it is laid out, and how many stand at once. */
export interface ShownAs {
  readonly order: Order
  readonly shape: ShapeChoice
  readonly card: Card
  /** Null for as many as the listing shows by itself. */
  readonly atOnce: number | null
}

/** A kind of control: what can be set, what it is called, and what a choice by it asks of an entry. */
export interface ControlKind<Name extends string = string, Control = never, Choice = never> {
  readonly name: Name
  /** What the kind is called where controls are added. */
  readonly title: string
  readonly schema: Schema<Control>
  /** What of it a look can style. */
  readonly styled: readonly StyleTarget[]
  /** What visitors and designers call one of them. */
  readonly label: (control: Control, words: Words) => string
  /** What it is a control of, among those of its kind: a listing has one of each. */
  readonly of: (control: Control) => string
  /** What it is called in addresses; null where what it is of is gone, and nobody can use it. */
  readonly parameter: (control: Control, site: ControlSite) => string | null
  readonly read: (control: Control, text: string, site: ControlSite) => ReadChoice<Choice>
  /** The same as `read` reads; one text for each choice. */
  readonly write: (control: Control, choice: Choice, site: ControlSite) => string
  /**
   * Where a form says it in parts: what stands after the parameter for each, and what they say together,
   * empty for what is left out.
   */
  readonly parts?: {
    readonly names: readonly string[]
    readonly joined: (values: readonly string[]) => string
  }
  /** What a choice asks of an entry; nothing for a kind that narrows nothing. */
  readonly asks?: (control: Control, choice: Choice, site: AskedSite) => VisitorAsk
  /** How a listing is shown under a choice, where that changes it. */
  readonly changes?: (control: Control, choice: Choice, shown: ShownAs) => ShownAs
  /**
   * Whether a choice is one of a few that are offered, and may be counted as such; all are where that is not
   * said. What is typed is not.
   */
  readonly isOneOfFew?: (control: Control, choice: Choice) => boolean
  /** What visitors do by it, where they do not narrow: “sort”. */
  readonly does?: string
  /** What visitors read of a choice, thing by thing, each with what is chosen without it. */
  readonly told: (
    control: Control,
    choice: Choice,
    words: Words,
  ) => readonly { readonly title: string; readonly without: Choice | null }[]
}

/** States a kind of control with its exact types. */
export function defineControl<const Name extends string, Control extends { readonly control: Name }, Choice>(
  kind: ControlKind<Name, Control, Choice>,
): ControlKind<Name, Control, Choice> {
  return kind
}

/** What pages are asked besides, and by controls of other kinds: nothing else is called so in an address. */
const taken: readonly string[] = [
  ...['term', 'author', 'month', 'words', 'clock'],
  ...['after', 'until', 'page', 'shown', 'at'],
  ...['search', 'by', 'by-author', 'as', 'per', 'compare', 'published', 'when'],
]

/** A name for addresses, after a slug of the site, that means nothing else there. */
export function freeParameter(slug: string): string {
  return taken.includes(slug) ? `by-${slug}` : slug
}

/** What a control of a field is called in addresses: after the key of that, where no facet is called so. */
export function fieldParameter({ key }: KnownField, { facets }: Pick<ControlSite, 'facets'>): string {
  const slug = key.replaceAll('_', '-')
  return facets.some((facet) => facet.slug === slug) ? `${slug}-field` : freeParameter(slug)
}
