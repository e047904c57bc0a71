import type { Component } from 'vue'
import type { FittingName } from '../../core/fittings'
import HeadingFitting from './HeadingFitting.vue'
import NoteFitting from './NoteFitting.vue'
import RuleFitting from './RuleFitting.vue'
import SpaceFitting from './SpaceFitting.vue'

/** The component of every fitting. */
export const fittingComponents: Record<FittingName, Component> = {
  heading: HeadingFitting,
  note: NoteFitting,
  rule: RuleFitting,
  space: SpaceFitting,
}
