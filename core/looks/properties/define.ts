import type { Schema } from 'yup'
import type { MediaRule } from '../../style/rules'

/** The headings under which properties stand. */
export const headings = ['letters', 'colour', 'space', 'edge', 'size', 'picture', 'motion'] as const
export type Heading = (typeof headings)[number]

/** One thing that can be set of a target: its values, and what they are in a style sheet. */
export interface StyleProperty<Name extends string = string, Value = unknown> {
  readonly name: Name
  readonly title: string
  readonly heading: Heading
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
