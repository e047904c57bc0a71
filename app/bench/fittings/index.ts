import type { Component } from 'vue'
import type { FittingName } from '~~/core/fittings'
import HeadingSettings from './HeadingSettings.vue'
import NoteSettings from './NoteSettings.vue'
import PictureSettings from './PictureSettings.vue'
import RuleSettings from './RuleSettings.vue'
import SpaceSettings from './SpaceSettings.vue'
import TermsSettings from './TermsSettings.vue'

/** The settings of every fitting. They send the fitting as it is to be, and what of it changed. */
export const fittingSettings: Readonly<Record<FittingName, Component>> = {
  heading: HeadingSettings,
  note: NoteSettings,
  picture: PictureSettings,
  rule: RuleSettings,
  space: SpaceSettings,
  terms: TermsSettings,
}
