import { array, boolean, lazy, mixed, number, object, string } from 'yup'
import type { Words } from '../words'
import type { CardContext, CardEntry } from './card-entry'
import { conditionPhrase, meets } from './condition'
import { partKey, parts, partSchema } from './parts'
import type { PartName, PartSetting } from './parts'
import type { Zone } from './parts/define'
import { usualShare } from './parts/picture'
import { numberFormat, pluralRules } from '../formats/formatters'

/** Where other cards stand than the usual: the first, or every nth. */
export interface OtherCard {
  readonly at: 'first' | 'every'
  /** With “every”: 2 to 20; the nth, the 2nth and so on. */
  readonly nth?: number
  readonly parts: readonly PartSetting[]
}

/** The Card clause: its parts from top to bottom, shown or not, and where its links go. */
export interface Card {
  readonly parts: readonly PartSetting[]
  /** Whether title, picture and button lead to the entry. */
  readonly links: boolean
  readonly newTab: boolean
  /** Another card for some entries; null for none. */
  readonly other: OtherCard | null
}

export const mostParts = 40
export const usualParts: readonly PartName[] = ['picture', 'topic', 'title', 'summary', 'date', 'author']

export const defaultCard: Card = {
  parts: usualParts.map((name) => parts.get(name).defaults),
  links: true,
  newTab: false,
  other: null,
}

const onPagesOnly = mixed().test('on-cards', 'This stands on an entry’s own page only.', () => false)
const cardPartSchema = lazy((value: unknown) => (isOnPagesOnly(value) ? onPagesOnly : partSchema))
const partsSchema = array(cardPartSchema).max(mostParts, 'A card has at most 40 parts.')

export const cardSchema = object({
  parts: partsSchema,
  links: boolean(),
  newTab: boolean(),
  other: lazy((value: unknown) =>
    value === undefined || value === null
      ? mixed().nullable()
      : object({
          at: string().oneOf(['first', 'every']).required(),
          nth: number()
            .integer('Use a whole number.')
            .min(2, 'Every 2nd at the least.')
            .max(20, 'Every 20th at the most.'),
          parts: partsSchema.required(),
        })
          .noUnknown()
          .required(),
  ),
}).noUnknown()

/** Whether a part makes no sense on a card: large ones, and the heading of a page. */
function isOnPagesOnly(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false
  const name: unknown = Reflect.get(value, 'part')
  return parts.find(name)?.isLarge === true || (name === 'title' && Reflect.get(value, 'level') === 1)
}

/** The name of a part that stands on a card twice; null for none. */
export function repeatedPart(card: Card): string | null {
  return repeatedAmong(card.parts) ?? repeatedAmong(card.other?.parts ?? [])
}

/** The name of a part that is among these twice; null for none. */
export function repeatedAmong(shown: readonly PartSetting[]): string | null {
  const keys = shown.map(partKey)
  return keys.find((key, at) => keys.indexOf(key) !== at) ?? null
}

/** The parts of the card at a place in the listing, from 0. */
export function partsAt(card: Card, at: number): readonly PartSetting[] {
  const { other } = card
  if (other === null) return card.parts
  const isOther = other.at === 'first' ? at === 0 : (at + 1) % (other.nth ?? 2) === 0
  return isOther ? other.parts : card.parts
}

/** Whether one of a listing's cards shows a picture. */
export function carriesPicture(card: Card): boolean {
  return partsOf(card).some((one) => one.on && one.part === 'picture')
}

/** A part of a card, filled from an entry. */
export interface FilledPart {
  readonly part: PartName
  readonly key: string
  readonly zone: Zone
  readonly prefix: string
  readonly suffix: string
  readonly content: unknown
}

/** The parts that are on, meet their condition and have something to show, in order. */
export function filledParts(
  shown: readonly PartSetting[],
  entry: CardEntry,
  context: CardContext,
): readonly FilledPart[] {
  return shown.flatMap((setting): FilledPart[] => {
    if (!setting.on || (setting.only !== undefined && !meets(entry, setting.only, context))) return []
    const content = parts.get(setting.part).content(setting, entry, context)
    if (content === null) return []
    return [
      {
        part: setting.part,
        key: partKey(setting),
        zone: zoneOf(setting),
        prefix: setting.prefix ?? '',
        suffix: setting.suffix ?? '',
        content,
      },
    ]
  })
}

/** Where a part sits. The picture's own place is what the others are told by. */
export function zoneOf(setting: PartSetting): Zone {
  return setting.zone ?? 'below'
}

/**
 * How a card is laid out by where its parts sit: the picture's side, and its share of the width
 * where something is beside it.
 */
export interface CardFrame {
  readonly beside: 'start' | 'end' | null
  /** 0 to 1. */
  readonly share: number
}

/** The frame of a card; the same for every entry, so that cards of a listing line up. */
export function frameOf(shown: readonly PartSetting[]): CardFrame {
  const picture = shown.find((part) => part.part === 'picture' && part.on)
  const isBeside = shown.some((part) => part.on && part.part !== 'picture' && zoneOf(part) === 'beside')
  if (picture?.part !== 'picture' || !isBeside) return { beside: null, share: 1 }
  return { beside: picture.side ?? 'start', share: (picture.share ?? usualShare) / 100 }
}

/** Whether a card shows something of the entries' own text, which is fetched only then. */
export function readsText(card: Card): boolean {
  return partsOf(card).some((part) => part.on && parts.get(part.part).readsText?.(part) === true)
}

/** Whether one of a listing's cards tells how often entries were read. */
export function showsReads(card: Card): boolean {
  return tellReads(partsOf(card))
}

/** Whether some parts tell how often an entry was read. */
export function tellReads(shown: readonly PartSetting[]): boolean {
  return shown.some((part) => part.on && parts.get(part.part).showsReads?.(part) === true)
}

/** How many minutes before an entry's date parts of a listing's cards come, each number once. */
export function opensOf(card: Card): readonly number[] {
  const minutes = partsOf(card).flatMap((part) => (part.on ? (parts.get(part.part).opens?.(part) ?? []) : []))
  return [...new Set(minutes)].toSorted((a, b) => a - b)
}

function partsOf(card: Card): readonly PartSetting[] {
  return [...card.parts, ...(card.other?.parts ?? [])]
}

/** The clause in words: “picture, terms, title”. */
export function cardPhrase(card: Card, words: Words): string {
  const shown = card.parts.filter((setting) => setting.on)
  if (shown.length === 0) return 'nothing yet'
  return shown
    .map((setting) => {
      const phrase = parts.get(setting.part).phrase(setting, words)
      return setting.only === undefined ? phrase : `${phrase} if ${conditionPhrase(setting.only, words)}`
    })
    .join(', ')
}

/** Another look of the card for some: “the first”, “every 4th”; null where all are alike. */
export function cardAside(card: Card, locale: string): string | null {
  if (card.other === null) return null
  if (card.other.at === 'first') return 'another for the first'
  const nth = card.other.nth ?? 2
  // English ordinals, by CLDR's plural rules.
  const ending = { one: 'st', two: 'nd', few: 'rd', other: 'th', many: 'th', zero: 'th' }[
    pluralRules('en', { type: 'ordinal' }).select(nth)
  ]
  return `another for every ${numberFormat(locale).format(nth)}${ending}`
}
