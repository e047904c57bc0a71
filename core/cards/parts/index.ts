import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../../registry'
import type { Registry } from '../../registry'
import type { Words } from '../../words'
import type { CardContext, CardEntry } from '../card-entry'
import { author } from './author'
import type { AuthorSetting } from './author'
import { date } from './date'
import type { DateSetting } from './date'
import type { PartKind } from './define'
import { picture } from './picture'
import type { PictureSetting } from './picture'
import { summary } from './summary'
import type { SummarySetting } from './summary'
import { title } from './title'
import type { TitleSetting } from './title'
import { topic } from './topic'
import type { TopicSetting } from './topic'

export type PartSetting =
  | PictureSetting
  | TopicSetting
  | TitleSetting
  | SummarySetting
  | DateSetting
  | AuthorSetting
export type PartName = PartSetting['part']

/** The Card clause: its parts from top to bottom, shown or not. */
export interface Card {
  readonly parts: readonly PartSetting[]
}

/** A part as the registry hands it out: callers pass settings of the part's own name only. */
export type AnyPartKind = PartKind<PartName, PartSetting, unknown>

/** Every part. A new one is a file beside these, a component in site/parts and a line here. */
export const parts: Registry<AnyPartKind> = registryOf('part', [
  picture as unknown as AnyPartKind,
  topic as unknown as AnyPartKind,
  title as unknown as AnyPartKind,
  summary as unknown as AnyPartKind,
  date as unknown as AnyPartKind,
  author as unknown as AnyPartKind,
])

export const defaultCard: Card = { parts: parts.all.map((part) => part.defaults) }

/** A part of a card, filled from an entry. */
export interface FilledPart {
  readonly part: PartName
  readonly content: unknown
}

/** The parts that are on and have something to show, in order. */
export function filledParts(card: Card, entry: CardEntry, context: CardContext): readonly FilledPart[] {
  return card.parts.flatMap((setting): FilledPart[] => {
    const content = setting.on ? parts.get(setting.part).content(setting, entry, context) : null
    return content === null ? [] : [{ part: setting.part, content }]
  })
}

/** The clause in words: “picture, topic, title”. */
export function cardPhrase(card: Card, words: Words): string {
  const shown = card.parts.filter((setting) => setting.on)
  if (shown.length === 0) return 'nothing yet'
  return shown.map((setting) => parts.get(setting.part).phrase(setting, words)).join(', ')
}

/** Checks a part by the schema of its kind. */
export const partSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null ? Reflect.get(value, 'part') : undefined
  return parts.find(name)?.schema ?? unknownPart
}) as unknown as Schema<PartSetting>

const unknownPart = mixed().test('known', `A part is one of: ${parts.names.join(', ')}.`, () => false)
