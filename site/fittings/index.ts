import type { Component } from 'vue'
import type { FittingName } from '../../core/fittings'
import HeadingFitting from './HeadingFitting.vue'
import NoteFitting from './NoteFitting.vue'
import PictureFitting from './PictureFitting.vue'
import RuleFitting from './RuleFitting.vue'
import SpaceFitting from './SpaceFitting.vue'
import TermsFitting from './TermsFitting.vue'

/** The component of every fitting. */
export const fittingComponents: Record<FittingName, Component> = {
  heading: HeadingFitting,
  note: NoteFitting,
  picture: PictureFitting,
  rule: RuleFitting,
  space: SpaceFitting,
  terms: TermsFitting,
}
