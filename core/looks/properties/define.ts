import type { Schema } from 'yup'
import type { MediaRule } from '../../style/rules'
import type { Scale } from '../site-scales'

/** The headings under which properties stand. */
export const headings = ['letters', 'colour', 'space', 'edge', 'size', 'picture', 'motion'] as const
export type Heading = (typeof headings)[number]

/** What values a property has, for whoever offers them. */
export type ValueKind =
  | {
      readonly kind: 'length'
      readonly least: number
      readonly most: number
      /** Whether it may be a part of the box that it is in. */
      readonly percent: boolean
      /** The scale of the site whose steps it may be named by. */
      readonly scale: Scale | null
    }
  | {
      readonly kind: 'number'
      readonly least: number
      readonly most: number
      /** The step between two of them. */
      readonly step: number
      readonly unit: string
    }
  | { readonly kind: 'choice'; readonly choices: readonly string[] }
  | { readonly kind: 'font' | 'colour' | 'gradient' | 'ground picture' | 'border' | 'shadow' | 'filter' }

/** One thing that can be set of a target: its values, and what they are in a style sheet. */
export interface StyleProperty<Name extends string = string, Value = unknown> {
  readonly name: Name
  readonly title: string
  readonly heading: Heading
  /** The title under which the sides of a box, or its corners, are set as one. */
  readonly together?: string
  readonly value: ValueKind
  readonly schema: Schema<Value>
  /** Declarations of CSS, longhands alone: what is set of one property changes no other. */
  readonly css: (value: Value) => Declarations
  /** For whom alone it holds; for all where nothing is said. */
  readonly media?: MediaRule['media']
  /** What holds besides while the target is pointed at or holds the focus; set at rest only then. */
  readonly whileHeld?: (value: Value) => Declarations
}

export type Declarations = Readonly<Record<string, string>>

/** States a property with its exact types. */
export function defineProperty<const Name extends string, Value>(
  property: Omit<StyleProperty<Name, Value>, 'schema'> & { readonly schema: Schema<unknown> },
): StyleProperty<Name, Value> {
  return property as StyleProperty<Name, Value>
}
