import type { Component } from 'vue'
import type { FittingName } from '../../core/fittings'
import AuthorFitting from './AuthorFitting.vue'
import BreadcrumbsFitting from './BreadcrumbsFitting.vue'
import CalendarFitting from './CalendarFitting.vue'
import CodeFitting from './CodeFitting.vue'
import EntryFitting from './EntryFitting.vue'
import HeadingFitting from './HeadingFitting.vue'
import MenuFitting from './MenuFitting.vue'
import MonthsFitting from './MonthsFitting.vue'
import NeighboursFitting from './NeighboursFitting.vue'
import NoteFitting from './NoteFitting.vue'
import PictureFitting from './PictureFitting.vue'
import RuleFitting from './RuleFitting.vue'
import SearchFitting from './SearchFitting.vue'
import SiteNameFitting from './SiteNameFitting.vue'
import SpaceFitting from './SpaceFitting.vue'
import TermsFitting from './TermsFitting.vue'

/** The component of every fitting. */
export const fittingComponents: Record<FittingName, Component> = {
  author: AuthorFitting,
  breadcrumbs: BreadcrumbsFitting,
  calendar: CalendarFitting,
  entry: EntryFitting,
  heading: HeadingFitting,
  menu: MenuFitting,
  months: MonthsFitting,
  neighbours: NeighboursFitting,
  note: NoteFitting,
  picture: PictureFitting,
  code: CodeFitting,
  rule: RuleFitting,
  search: SearchFitting,
  'site-name': SiteNameFitting,
  space: SpaceFitting,
  terms: TermsFitting,
}
