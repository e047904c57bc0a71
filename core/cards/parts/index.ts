import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../../registry'
import type { Registry } from '../../registry'
import { author } from './author'
import type { AuthorSetting } from './author'
import { button } from './button'
import type { ButtonSetting } from './button'
import { comments } from './comments'
import type { CommentsSetting } from './comments'
import { date } from './date'
import type { DateSetting } from './date'
import type { PartKind } from './define'
import { divider } from './divider'
import type { DividerSetting } from './divider'
import { facts } from './facts'
import type { FactsSetting } from './facts'
import { field } from './field'
import type { FieldSetting } from './field'
import { icon } from './icon'
import type { IconSetting } from './icon'
import { label } from './label'
import type { LabelSetting } from './label'
import { allFields } from './large/all-fields'
import type { AllFieldsSetting } from './large/all-fields'
import { files } from './large/files'
import type { FilesSetting } from './large/files'
import { film } from './large/film'
import type { FilmSetting } from './large/film'
import { gallery } from './large/gallery'
import type { GallerySetting } from './large/gallery'
import { calendarFile } from './large/calendar-file'
import type { CalendarFileSetting } from './large/calendar-file'
import { wayBack } from './large/way-back'
import type { WayBackSetting } from './large/way-back'
import { wholeText } from './large/whole-text'
import type { WholeTextSetting } from './large/whole-text'
import { likes } from './likes'
import type { LikesSetting } from './likes'
import { picture } from './picture'
import type { PictureSetting } from './picture'
import { price } from './price'
import type { PriceSetting } from './price'
import { rating } from './rating'
import type { RatingSetting } from './rating'
import { readingTime } from './reading-time'
import type { ReadingTimeSetting } from './reading-time'
import { summary } from './summary'
import type { SummarySetting } from './summary'
import { text } from './text'
import type { TextSetting } from './text'
import { title } from './title'
import type { TitleSetting } from './title'
import { topic } from './topic'
import type { TopicSetting } from './topic'
import { views } from './views'
import type { ViewsSetting } from './views'

export type PartSetting =
  | PictureSetting
  | TopicSetting
  | TitleSetting
  | SummarySetting
  | DateSetting
  | AuthorSetting
  | TextSetting
  | ReadingTimeSetting
  | ViewsSetting
  | CommentsSetting
  | LikesSetting
  | PriceSetting
  | RatingSetting
  | FieldSetting
  | FactsSetting
  | LabelSetting
  | IconSetting
  | ButtonSetting
  | DividerSetting
  | WholeTextSetting
  | GallerySetting
  | FilmSetting
  | FilesSetting
  | AllFieldsSetting
  | WayBackSetting
  | CalendarFileSetting
export type PartName = PartSetting['part']

/** A part as the registry hands it out: callers pass settings of the part's own name only. */
export type AnyPartKind = PartKind<PartName, PartSetting, unknown>

/**
 * Every part. A new one is a file beside these (in `large` where it is for an entry's own page only), a
 * component in site/parts and a line here.
 */
export const parts: Registry<AnyPartKind> = registryOf('part', [
  picture,
  topic,
  title,
  summary,
  date,
  author,
  text,
  readingTime,
  views,
  comments,
  likes,
  price,
  rating,
  field,
  facts,
  label,
  icon,
  button,
  divider,
  wholeText,
  gallery,
  film,
  files,
  allFields,
  wayBack,
  calendarFile,
] as unknown as readonly AnyPartKind[])

/** Names a part on its card: its kind, with its id where there are several. */
export function partKey(setting: PartSetting): string {
  return setting.id === undefined ? setting.part : `${setting.part}-${setting.id}`
}

/** Checks a part by the schema of its kind. */
export const partSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null ? Reflect.get(value, 'part') : undefined
  return parts.find(name)?.schema ?? unknownPart
}) as unknown as Schema<PartSetting>

const unknownPart = mixed().test('known', `A part is one of: ${parts.names.join(', ')}.`, () => false)
