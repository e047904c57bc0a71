import { registryOf } from '../../registry'
import { colours } from './colours'
import type { StyleProperty } from './define'
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
