import type { Component } from 'vue'
import CompareControl from './CompareControl.vue'
import LimitsControl from './LimitsControl.vue'
import SearchControl from './SearchControl.vue'
import TermsControl from './TermsControl.vue'
import WaysControl from './WaysControl.vue'
import type { ControlContents } from './view'

/** The component of every control. */
export const controlComponents: Readonly<Record<keyof ControlContents, Component>> = {
  terms: TermsControl,
  values: TermsControl,
  authors: TermsControl,
  range: LimitsControl,
  dates: LimitsControl,
  search: SearchControl,
  sort: WaysControl,
  views: WaysControl,
  amount: WaysControl,
  compare: CompareControl,
}
