import type { Component } from 'vue'
import type { MediaKind } from '~~/core/content/media'
import type { FieldTypeName } from '~~/core/content/fields'
import ChoiceInput from './ChoiceInput.vue'
import ColourInput from './ColourInput.vue'
import DateInput from './DateInput.vue'
import DateTimeInput from './DateTimeInput.vue'
import DurationInput from './DurationInput.vue'
import LinkInput from './LinkInput.vue'
import LongTextInput from './LongTextInput.vue'
import MediaInput from './MediaInput.vue'
import MoneyInput from './MoneyInput.vue'
import NumberInput from './NumberInput.vue'
import PicturesInput from './PicturesInput.vue'
import PlaceInput from './PlaceInput.vue'
import RatingInput from './RatingInput.vue'
import RecurrenceInput from './RecurrenceInput.vue'
import ReferenceInput from './ReferenceInput.vue'
import RichTextInput from './RichTextInput.vue'
import ShortTextInput from './ShortTextInput.vue'
import YesNoInput from './YesNoInput.vue'
import ZoneInput from './ZoneInput.vue'

/** A setting of a field type, as its editor shows it. */
export interface FieldSetting {
  readonly key: string
  readonly label: string
  readonly control:
    'number' | 'limit' | 'text' | 'date' | 'switch' | 'options' | 'currencies' | 'kinds' | 'collection'
}

/** How a type is edited: the input of its values, and its settings. */
export interface FieldEditing {
  readonly input: Component
  readonly settings: readonly FieldSetting[]
}

const most: FieldSetting = { key: 'most', label: 'Characters at most', control: 'number' }
const limits: readonly FieldSetting[] = [
  { key: 'least', label: 'At least', control: 'limit' },
  { key: 'most', label: 'At most', control: 'limit' },
]

/** Every type of field; a new one is a component here and a line. */
export const fieldEditing: Record<FieldTypeName, FieldEditing> = {
  'short-text': { input: ShortTextInput, settings: [most] },
  'long-text': { input: LongTextInput, settings: [most] },
  'rich-text': { input: RichTextInput, settings: [] },
  number: {
    input: NumberInput,
    settings: [
      { key: 'unit', label: 'Unit', control: 'text' },
      { key: 'decimals', label: 'Decimals', control: 'number' },
      ...limits,
    ],
  },
  money: {
    input: MoneyInput,
    settings: [
      { key: 'currencies', label: 'Currencies', control: 'currencies' },
      { key: 'negative', label: 'Amounts below zero', control: 'switch' },
    ],
  },
  'yes-no': {
    input: YesNoInput,
    settings: [
      { key: 'yes', label: 'Word for yes', control: 'text' },
      { key: 'no', label: 'Word for no', control: 'text' },
    ],
  },
  date: {
    input: DateInput,
    settings: [
      { key: 'earliest', label: 'Earliest day', control: 'date' },
      { key: 'latest', label: 'Latest day', control: 'date' },
    ],
  },
  'date-time': { input: DateTimeInput, settings: [] },
  choice: {
    input: ChoiceInput,
    settings: [
      { key: 'options', label: 'Choices', control: 'options' },
      { key: 'many', label: 'Several at once', control: 'switch' },
    ],
  },
  link: { input: LinkInput, settings: [] },
  picture: { input: MediaInput, settings: [] },
  pictures: {
    input: PicturesInput,
    settings: [{ key: 'most', label: 'Pictures at most', control: 'number' }],
  },
  file: { input: MediaInput, settings: [{ key: 'kinds', label: 'Kinds of file', control: 'kinds' }] },
  place: { input: PlaceInput, settings: [] },
  duration: {
    input: DurationInput,
    settings: [
      { key: 'least', label: 'Seconds at least', control: 'limit' },
      { key: 'most', label: 'Seconds at most', control: 'limit' },
    ],
  },
  rating: {
    input: RatingInput,
    settings: [
      { key: 'best', label: 'Best mark', control: 'number' },
      { key: 'halves', label: 'Half marks', control: 'switch' },
    ],
  },
  reference: {
    input: ReferenceInput,
    settings: [
      { key: 'collection', label: 'Entries of', control: 'collection' },
      { key: 'many', label: 'Several at once', control: 'switch' },
    ],
  },
  recurrence: { input: RecurrenceInput, settings: [] },
  colour: { input: ColourInput, settings: [] },
  zone: { input: ZoneInput, settings: [] },
}

/** What each kind of file is called. */
export const mediaKindNames: Record<MediaKind, string> = {
  picture: 'Pictures',
  video: 'Videos',
  sound: 'Sounds',
  captions: 'Captions',
  document: 'Documents',
}
