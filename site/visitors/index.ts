import type { Component } from 'vue'
import SearchControl from './SearchControl.vue'
import TermsControl from './TermsControl.vue'
import WaysControl from './WaysControl.vue'
import type { ControlContents } from './view'

/** The component of every control. */
export const controlComponents: Readonly<Record<keyof ControlContents, Component>> = {
  terms: TermsControl,
  search: SearchControl,
  sort: WaysControl,
  amount: WaysControl,
}
