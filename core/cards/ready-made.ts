import type { CollectionKind } from '../content/collection'
import type { Field } from '../content/field'
import type { FieldTypeName } from '../content/fields'
import type { PartSetting } from './parts'

/** A card to begin with: its parts for a collection with these fields. */
export interface ReadyMadeCard {
  readonly name: string
  readonly title: string
  /** What it was made for; it can be taken for anything. */
  readonly kinds: readonly CollectionKind[]
  readonly parts: (fields: readonly Field[]) => readonly PartSetting[]
}

const title = (level = 3): PartSetting => ({ part: 'title', on: true, level })
const facts = (
  ...names: readonly ('date' | 'author' | 'topic' | 'reading-time' | 'views' | 'comments')[]
): PartSetting => ({ part: 'facts', on: true, facts: names, separator: '·' })
const topic: PartSetting = { part: 'topic', on: true, facet: null }
const summary = (words: number): PartSetting => ({ part: 'summary', on: true, words })
const way = (text: string, form: 'link' | 'button'): PartSetting => ({
  part: 'button',
  on: true,
  text,
  form,
  titled: true,
  zone: 'foot',
})

/** The nth field of one of these types, from 0. */
function fieldOf(
  fields: readonly Field[],
  at: number,
  ...types: readonly FieldTypeName[]
): Field | undefined {
  return fields.filter((field) => types.includes(field.type))[at]
}

/** The part that shows a field, or nothing where the collection has none such. */
function shown(field: Field | undefined, part: Partial<PartSetting> = {}): readonly PartSetting[] {
  return field === undefined
    ? []
    : [{ part: 'field', on: true, field: field.id, id: `of-${field.id}`, ...part } as PartSetting]
}

function priceOf(fields: readonly Field[], part: Partial<PartSetting> = {}): readonly PartSetting[] {
  const [price, before] = [fieldOf(fields, 0, 'money'), fieldOf(fields, 1, 'money')]
  return price === undefined
    ? []
    : [
        {
          part: 'price',
          on: true,
          field: price.id,
          ...(before === undefined ? {} : { before: before.id, saving: true }),
          ...part,
        } as PartSetting,
      ]
}

/** When something takes place, by its first two moments. */
function whenOf(
  fields: readonly Field[],
  style: 'weekday' | 'time',
  part: Partial<PartSetting> = {},
): PartSetting {
  const [start, end] = [fieldOf(fields, 0, 'date-time', 'date'), fieldOf(fields, 1, 'date-time', 'date')]
  return {
    part: 'date',
    on: true,
    style,
    ...(start === undefined ? {} : { field: start.id }),
    ...(start === undefined || end === undefined ? {} : { until: end.id }),
    ...part,
  } as PartSetting
}

/** Every ready-made card. */
export const readyMadeCards: readonly ReadyMadeCard[] = [
  {
    name: 'front',
    title: 'Picture first',
    kinds: ['article'],
    parts: () => [
      { part: 'picture', on: true, ratio: '3:2' },
      topic,
      title(),
      summary(25),
      facts('date', 'reading-time'),
    ],
  },
  {
    name: 'words',
    title: 'Words alone',
    kinds: ['article', 'quote'],
    parts: () => [topic, title(), summary(40), facts('author', 'date')],
  },
  {
    name: 'small',
    title: 'Small picture beside',
    kinds: ['article', 'video'],
    parts: () => [
      { part: 'picture', on: true, ratio: '1:1', share: 30 },
      { ...title(), zone: 'beside' },
      { part: 'date', on: true, zone: 'beside' },
    ],
  },
  {
    name: 'poster',
    title: 'Title on the picture',
    kinds: ['project', 'article'],
    parts: () => [
      { part: 'picture', on: true, ratio: '4:5', hover: 'grow' },
      { ...topic, zone: 'over' },
      { ...title(), zone: 'over' },
    ],
  },
  {
    name: 'plate',
    title: 'Whole picture, quiet words',
    kinds: ['project'],
    parts: () => [
      { part: 'picture', on: true, ratio: 'natural', corners: 'square', hover: 'none' },
      title(),
      { part: 'topic', on: true, facet: null, most: 3 },
    ],
  },
  {
    name: 'shelf',
    title: 'Goods with price',
    kinds: ['product'],
    parts: (fields) => {
      const [before, stars] = [fieldOf(fields, 1, 'money'), fieldOf(fields, 0, 'rating')]
      return [
        { part: 'picture', on: true, ratio: '1:1' },
        ...(before === undefined
          ? []
          : [
              {
                part: 'label',
                on: true,
                text: 'Reduced',
                zone: 'over',
                only: { if: 'field', field: before.id },
              } as const,
            ]),
        title(),
        ...priceOf(fields),
        ...(stars === undefined ? [] : [{ part: 'rating', on: true, field: stars.id } as const]),
        way('See it', 'button'),
      ]
    },
  },
  {
    name: 'tag',
    title: 'Price on the picture',
    kinds: ['product', 'place'],
    parts: (fields) => [
      { part: 'picture', on: true, ratio: '4:3', hover: 'lift' },
      ...priceOf(fields, { zone: 'over' }),
      topic,
      title(),
    ],
  },
  {
    name: 'ticket',
    title: 'Date above',
    kinds: ['event', 'session'],
    parts: (fields) => [
      whenOf(fields, 'weekday', { zone: 'above' }),
      title(),
      summary(20),
      ...shown(fieldOf(fields, 0, 'place')),
      way('When and where', 'link'),
    ],
  },
  {
    name: 'leaflet',
    title: 'Picture, date and place',
    kinds: ['event', 'session'],
    parts: (fields) => [
      { part: 'picture', on: true, ratio: '16:9' },
      title(),
      whenOf(fields, 'time'),
      ...shown(fieldOf(fields, 0, 'place')),
      topic,
    ],
  },
  {
    name: 'said',
    title: 'What somebody said',
    kinds: ['quote'],
    parts: () => [{ part: 'summary', on: true, words: 60, prefix: '“', suffix: '”' }, title()],
  },
  {
    name: 'face',
    title: 'Round picture',
    kinds: ['person', 'quote'],
    parts: () => [
      { part: 'picture', on: true, ratio: '1:1', corners: 'round', hover: 'none' },
      title(),
      summary(18),
    ],
  },
  {
    name: 'film',
    title: 'Film with its length',
    kinds: ['video'],
    parts: (fields) => [
      { part: 'picture', on: true, ratio: '16:9', hover: 'shift' },
      ...shown(fieldOf(fields, 0, 'duration'), { zone: 'over' }),
      title(),
      facts('author', 'views'),
    ],
  },
  {
    name: 'let',
    title: 'A place to let',
    kinds: ['place'],
    parts: (fields) => [
      { part: 'picture', on: true, ratio: '3:2' },
      title(),
      ...shown(fieldOf(fields, 0, 'place')),
      ...shown(fieldOf(fields, 0, 'number'), { named: true } as Partial<PartSetting>),
      ...priceOf(fields),
      way('Ask for it', 'link'),
    ],
  },
]

/** Settings that are the designer's own words and choices, and are kept when another card is taken. */
const kept = ['words', 'text', 'prefix', 'suffix', 'level', 'separator'] as const

/** The parts of a ready-made card, with what was already set for parts of the same kind. */
export function withReadyMade(
  before: readonly PartSetting[],
  ready: ReadyMadeCard,
  fields: readonly Field[],
): readonly PartSetting[] {
  return ready.parts(fields).map((part) => {
    const old = before.find((one) => one.part === part.part && one.on)
    const set =
      old === undefined
        ? []
        : kept.flatMap((key) =>
            Reflect.get(old, key) === undefined ? [] : [[key, Reflect.get(old, key)] as const],
          )
    return { ...part, ...Object.fromEntries(set) } as PartSetting
  })
}
