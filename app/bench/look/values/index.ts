import type { Component } from 'vue'
import type { ValueKind } from '~~/core/looks/properties/define'
import BorderValue from './BorderValue.vue'
import ChoiceValue from './ChoiceValue.vue'
import ColourValue from './ColourValue.vue'
import FilterValue from './FilterValue.vue'
import GradientValue from './GradientValue.vue'
import LengthValue from './LengthValue.vue'
import NumberValue from './NumberValue.vue'
import ShadowValue from './ShadowValue.vue'

/** A control for values of a kind: where it stands, and whether it is stepped by dragging its name. */
interface ValueControl {
  readonly component: Component
  /** Below its name, with all the room that there is, always or once it is set; beside it where not said. */
  readonly below?: 'always' | 'when set'
  readonly steps?: true
}

/** What sets values of each kind. */
export const valueControls: Readonly<Record<ValueKind['kind'], ValueControl>> = {
  length: { component: LengthValue, steps: true },
  number: { component: NumberValue, steps: true },
  choice: { component: ChoiceValue },
  colour: { component: ColourValue, below: 'always' },
  gradient: { component: GradientValue, below: 'when set' },
  border: { component: BorderValue, below: 'when set' },
  shadow: { component: ShadowValue, below: 'when set' },
  filter: { component: FilterValue, below: 'when set' },
}
