import type { Component } from 'vue'
import type { FittingName } from '~~/core/fittings'
import AuthorSettings from './AuthorSettings.vue'
import BreadcrumbsSettings from './BreadcrumbsSettings.vue'
import CalendarSettings from './CalendarSettings.vue'
import CodeSettings from './CodeSettings.vue'
import EntrySettings from './EntrySettings.vue'
import HeadingSettings from './HeadingSettings.vue'
import MenuSettings from './MenuSettings.vue'
import MonthsSettings from './MonthsSettings.vue'
import NeighboursSettings from './NeighboursSettings.vue'
import NoteSettings from './NoteSettings.vue'
import PictureSettings from './PictureSettings.vue'
import RuleSettings from './RuleSettings.vue'
import SearchSettings from './SearchSettings.vue'
import SiteNameSettings from './SiteNameSettings.vue'
import SpaceSettings from './SpaceSettings.vue'
import TermsSettings from './TermsSettings.vue'

/** The settings of every fitting. They send the fitting as it is to be, and what of it changed. */
export const fittingSettings: Readonly<Record<FittingName, Component>> = {
  author: AuthorSettings,
  breadcrumbs: BreadcrumbsSettings,
  calendar: CalendarSettings,
  entry: EntrySettings,
  heading: HeadingSettings,
  menu: MenuSettings,
  months: MonthsSettings,
  neighbours: NeighboursSettings,
  note: NoteSettings,
  code: CodeSettings,
  picture: PictureSettings,
  rule: RuleSettings,
  search: SearchSettings,
  'site-name': SiteNameSettings,
  space: SpaceSettings,
  terms: TermsSettings,
}
