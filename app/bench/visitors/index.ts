import type { Component } from 'vue'
import type { ControlName } from '~~/core/visitors'
import AmountSettings from './AmountSettings.vue'
import AuthorsSettings from './AuthorsSettings.vue'
import CompareSettings from './CompareSettings.vue'
import DatesSettings from './DatesSettings.vue'
import RangeSettings from './RangeSettings.vue'
import SearchSettings from './SearchSettings.vue'
import SortSettings from './SortSettings.vue'
import TermsSettings from './TermsSettings.vue'
import ValuesSettings from './ValuesSettings.vue'
import ViewsSettings from './ViewsSettings.vue'

/** The settings of every control. They send the control as it is to be, and what of it changed. */
export const controlSettings: Readonly<Record<ControlName, Component>> = {
  terms: TermsSettings,
  values: ValuesSettings,
  authors: AuthorsSettings,
  range: RangeSettings,
  dates: DatesSettings,
  search: SearchSettings,
  sort: SortSettings,
  views: ViewsSettings,
  amount: AmountSettings,
  compare: CompareSettings,
}
