import type { Component } from 'vue'
import type { PartName } from '~~/core/cards/parts'
import AllFieldsSettings from './AllFieldsSettings.vue'
import AuthorSettings from './AuthorSettings.vue'
import ButtonSettings from './ButtonSettings.vue'
import DateSettings from './DateSettings.vue'
import FactsSettings from './FactsSettings.vue'
import FieldSettings from './FieldSettings.vue'
import GallerySettings from './GallerySettings.vue'
import IconSettings from './IconSettings.vue'
import LabelSettings from './LabelSettings.vue'
import PictureSettings from './PictureSettings.vue'
import PriceSettings from './PriceSettings.vue'
import RatingSettings from './RatingSettings.vue'
import TitleSettings from './TitleSettings.vue'
import TopicSettings from './TopicSettings.vue'
import WordsSettings from './WordsSettings.vue'

/** The settings of every part that has any of its own. */
export const partSettings: Partial<Record<PartName, Component>> = {
  picture: PictureSettings,
  topic: TopicSettings,
  title: TitleSettings,
  summary: WordsSettings,
  text: WordsSettings,
  date: DateSettings,
  author: AuthorSettings,
  price: PriceSettings,
  rating: RatingSettings,
  field: FieldSettings,
  facts: FactsSettings,
  label: LabelSettings,
  icon: IconSettings,
  button: ButtonSettings,
  gallery: GallerySettings,
  'all-fields': AllFieldsSettings,
}
