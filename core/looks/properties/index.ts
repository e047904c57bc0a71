import { registryOf } from '../../registry'
import { colours } from './colours'
import type { Heading, StyleProperty } from './define'
import { edges } from './edges'
import { letters } from './letters'
import { motion } from './motion'
import { picture } from './picture'
import { size } from './size'
import { space } from './space'

const all = [...letters, ...colours, ...space, ...edges, ...size, ...picture, ...motion] as const

type Stated = (typeof all)[number]
export type PropertyName = Stated['name']

type ValueIn<Property, Name> =
  Property extends StyleProperty<infer Own, infer Value> ? (Name extends Own ? Value : never) : never

/** What is set of a target; what is not is inherited. */
export type StyleValues = { readonly [Name in PropertyName]?: ValueIn<Stated, Name> }

/** All that can be set of a target, the same for each, in the order in which it stands. */
export const properties = registryOf<StyleProperty<PropertyName, never>>(
  'style property',
  all as readonly unknown[] as readonly StyleProperty<PropertyName, never>[],
)

/** What is set in one place: a property, or those of all the sides of a box, or of its corners. */
export interface PropertyRow {
  readonly title: string
  readonly properties: readonly StyleProperty<PropertyName, never>[]
}

/** The rows under a heading, in their order. */
export function rowsOf(heading: Heading): readonly PropertyRow[] {
  const rows = new Map<string, StyleProperty<PropertyName, never>[]>()
  for (const property of properties.all.filter((one) => one.heading === heading)) {
    const title = property.together ?? property.title
    rows.set(title, [...(rows.get(title) ?? []), property])
  }
  return Array.from(rows, ([title, those]) => ({ title, properties: those }))
}
