import type { Component } from 'vue'
import type { PartName } from '../../core/cards/parts'
import AllFieldsPart from './AllFieldsPart.vue'
import AuthorPart from './AuthorPart.vue'
import ButtonPart from './ButtonPart.vue'
import CalendarFilePart from './CalendarFilePart.vue'
import DatePart from './DatePart.vue'
import DividerPart from './DividerPart.vue'
import FactPart from './FactPart.vue'
import FactsPart from './FactsPart.vue'
import FilesPart from './FilesPart.vue'
import FilmPart from './FilmPart.vue'
import GalleryPart from './GalleryPart.vue'
import IconPart from './IconPart.vue'
import LabelPart from './LabelPart.vue'
import PicturePart from './PicturePart.vue'
import PricePart from './PricePart.vue'
import RatingPart from './RatingPart.vue'
import SummaryPart from './SummaryPart.vue'
import TextPart from './TextPart.vue'
import TitlePart from './TitlePart.vue'
import TopicPart from './TopicPart.vue'
import WayBackPart from './WayBackPart.vue'
import WholeTextPart from './WholeTextPart.vue'

/** The component of every part. */
export const partComponents: Record<PartName, Component> = {
  picture: PicturePart,
  topic: TopicPart,
  title: TitlePart,
  summary: SummaryPart,
  date: DatePart,
  author: AuthorPart,
  text: TextPart,
  'reading-time': FactPart,
  views: FactPart,
  comments: FactPart,
  likes: FactPart,
  price: PricePart,
  rating: RatingPart,
  field: FactPart,
  facts: FactsPart,
  label: LabelPart,
  icon: IconPart,
  button: ButtonPart,
  divider: DividerPart,
  'whole-text': WholeTextPart,
  gallery: GalleryPart,
  film: FilmPart,
  files: FilesPart,
  'all-fields': AllFieldsPart,
  'way-back': WayBackPart,
  'calendar-file': CalendarFilePart,
}
