import type { Component } from 'vue'
import type { PartName } from '~~/core/cards/parts'
import PictureSettings from './PictureSettings.vue'
import SummarySettings from './SummarySettings.vue'
import TitleSettings from './TitleSettings.vue'
import TopicSettings from './TopicSettings.vue'

/** The settings of every part that has any besides being shown. */
export const partSettings: Partial<Record<PartName, Component>> = {
  picture: PictureSettings,
  topic: TopicSettings,
  title: TitleSettings,
  summary: SummarySettings,
}
