import type { Component } from 'vue'
import type { PropertyName, StyleValues } from '~~/core/looks/properties'
import type { Gradient } from '~~/core/looks/properties/colours'
import type { ValueKind } from '~~/core/looks/properties/define'
import type { Border, Shadow } from '~~/core/looks/properties/edges'
import { noGroundPicture } from '~~/core/looks/properties/grounds'
import { noFilter } from '~~/core/looks/properties/picture'
import BorderValue from './BorderValue.vue'
import ChoiceValue from './ChoiceValue.vue'
import ColourValue from './ColourValue.vue'
import FilterValue from './FilterValue.vue'
import FontValue from './FontValue.vue'
import GradientValue from './GradientValue.vue'
import GroundPictureValue from './GroundPictureValue.vue'
import LengthValue from './LengthValue.vue'
import NumberValue from './NumberValue.vue'
import ShadowValue from './ShadowValue.vue'

/** A control for values of a kind: where it stands, and whether it is stepped by dragging its name. */
interface ValueControl {
  readonly component: Component
  /** Below its name, with all the room that there is, always or once it is set; beside it where not said. */
  readonly below?: 'always' | 'when set'
  readonly steps?: true
  /** Where several numbers make a value: what it begins with, once it is to be set at all. */
  readonly begins?: StyleValues[PropertyName]
}

const firstGradient: Gradient = {
  angle: 180,
  colours: [
    { colour: 'paper', at: 0 },
    { colour: 'line', at: 100 },
  ],
}
const firstBorder: Border = { width: 1, line: 'solid', colour: 'line' }
const firstShadow: Shadow = { right: 0, down: 6, blur: 20, spread: 0, colour: '#1d2b2433', inside: false }

/** What sets values of each kind. */
export const valueControls: Readonly<Record<ValueKind['kind'], ValueControl>> = {
  length: { component: LengthValue, steps: true },
  number: { component: NumberValue, steps: true },
  choice: { component: ChoiceValue },
  font: { component: FontValue },
  colour: { component: ColourValue, below: 'always' },
  gradient: { component: GradientValue, below: 'when set', begins: firstGradient },
  'ground picture': { component: GroundPictureValue, below: 'when set', begins: noGroundPicture },
  border: { component: BorderValue, below: 'when set', begins: firstBorder },
  shadow: { component: ShadowValue, below: 'when set', begins: firstShadow },
  filter: { component: FilterValue, below: 'when set', begins: noFilter },
}
