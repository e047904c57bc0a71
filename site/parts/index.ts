import type { Component } from 'vue'
import type { PartName } from '../../core/cards/parts'
import AuthorPart from './AuthorPart.vue'
import DatePart from './DatePart.vue'
import PicturePart from './PicturePart.vue'
import SummaryPart from './SummaryPart.vue'
import TitlePart from './TitlePart.vue'
import TopicPart from './TopicPart.vue'

/** The component of every part. */
export const partComponents: Record<PartName, Component> = {
  picture: PicturePart,
  topic: TopicPart,
  title: TitlePart,
  summary: SummaryPart,
  date: DatePart,
  author: AuthorPart,
}
