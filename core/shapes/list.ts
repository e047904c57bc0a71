import { boolean, number, string } from 'yup'
import { px, quoted, rule } from '../style/rules'
import type { StyleRule } from '../style/rules'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { narrower, pixelsSchema, stopAt, stopStyles, stopsSchema, withMovedStop } from './stops'
import type { Stop } from './stops'

export const picturePlaces = ['start', 'end', 'above', 'behind', 'edge', 'none'] as const
/**
 * Where the picture sits: before or after the text, above it, behind it, above with the text over
 * its lower edge, or nowhere.
 */
export type PicturePlace = (typeof picturePlaces)[number]

export interface ListStop extends Stop {
  readonly picture: PicturePlace
  /** Of the row, in per cent, 5 to 80; where the picture stands beside the text. */
  readonly share: number
  /** CSS pixels between rows, 0 to 200. */
  readonly rowGap: number
}

export interface ListSettings extends CommonSettings {
  readonly stops: readonly ListStop[]
  /** Hairlines between rows. */
  readonly lines: boolean
  /** The foot of the card at the end of the row, as for a button, and not below. */
  readonly footAtEnd: boolean
}

const placeWords: Record<PicturePlace, string> = {
  start: 'picture before the text',
  end: 'picture after the text',
  above: 'picture above',
  behind: 'picture behind the text',
  edge: 'text over the picture’s edge',
  none: 'no picture',
}

const stopWords: Record<PicturePlace, string> = {
  start: 'before',
  end: 'after',
  above: 'above',
  behind: 'behind',
  edge: 'over edge',
  none: 'none',
}

export const list = defineShape<'list', ListSettings>({
  name: 'list',
  title: 'List',
  about: 'One below the other, with the picture where you like.',
  suits: ['event', 'session', 'place'],
  schema: settingsSchema('list', {
    stops: stopsSchema({
      picture: string()
        .oneOf([...picturePlaces])
        .required(),
      share: number()
        .integer()
        .min(5, 'A picture takes at least 5 per cent of the row.')
        .max(80, 'A picture takes at most 80 per cent of the row.')
        .required(),
      rowGap: pixelsSchema('gap between rows', 200),
    }),
    lines: boolean(),
    footAtEnd: boolean(),
  }),
  defaults: {
    ...commonDefaults,
    stops: [
      { from: 0, picture: 'start', share: 28, rowGap: 18 },
      { from: 560, picture: 'start', share: 34, rowGap: 24 },
    ],
    lines: true,
    footAtEnd: false,
  },
  words({ stops }, { carriesPicture }) {
    if (!carriesPicture) return { text: 'a list', aside: null }
    const places = stops.map((stop) => placeWords[stop.picture])
    return { text: `a list, ${places.at(-1) ?? ''}`, aside: narrower(places) }
  },
  layout({ stops, lines }, heights, width) {
    const { rowGap } = stopAt(stops, width)
    let top = 0
    return heights.map((height) => {
      const placed = { left: 0, top, width, height }
      top += height + (lines ? 2 * rowGap + 1 : rowGap)
      return placed
    })
  },
  cardWidths: () => [{ from: 0, parts: 1, minus: 0 }],
  pictureWidths: ({ stops }) =>
    stops.map((stop) => ({
      from: stop.from,
      parts: isBeside(stop.picture) ? 100 / stop.share : 1,
      minus: 0,
    })),
  stops: ({ stops }) => stops.map((stop) => ({ from: stop.from, label: stopWords[stop.picture] })),
  moveStop: withMovedStop,
  styles: ({ stops, lines, footAtEnd }, selector) =>
    stopStyles(stops, (stop) => {
      const card = `${selector}>li>.card`
      return [
        lines
          ? lineBelow(`${selector}>li:not(:last-child)`, stop)
          : rule(selector, { 'row-gap': px(stop.rowGap) }),
        rule(card, cardAreas(stop, footAtEnd)),
        ...placeStyles(stop.picture, card),
        ...withoutPicture(stop, footAtEnd, `${card}:not(:has(>.card-picture))`),
      ]
    }),
})

function lineBelow(row: string, { rowGap }: ListStop): StyleRule {
  return rule(row, {
    'padding-bottom': px(rowGap),
    'margin-bottom': px(rowGap),
    'border-bottom': '1px solid var(--line)',
  })
}

function isBeside(place: PicturePlace): boolean {
  return place === 'start' || place === 'end'
}

/** The rows and columns of a card's zones; all the text goes to one side of the picture. */
function cardAreas({ picture, share }: ListStop, footAtEnd: boolean): StyleRule['set'] {
  const texts = ['above', 'beside', 'below']
  const rows = isBeside(picture)
    ? texts.map((zone) => (picture === 'start' ? ['picture', zone] : [zone, 'picture']))
    : [...(picture === 'none' || picture === 'behind' ? [] : [['picture']]), ...texts.map((zone) => [zone])]
  const columns = isBeside(picture)
    ? picture === 'start'
      ? `${share}% minmax(0,1fr)`
      : `minmax(0,1fr) ${share}%`
    : 'minmax(0,1fr)'
  // The foot follows the text, on the text's side of the picture.
  const footRow = isBeside(picture)
    ? picture === 'start'
      ? ['picture', 'foot']
      : ['foot', 'picture']
    : ['foot']
  const withFoot = footAtEnd ? rows.map((row) => [...row, 'foot']) : [...rows, footRow]
  const last = withFoot.length - 1
  const template = withFoot
    .map((row, at) => `${quoted(row.join(' '))} ${at === last && isBeside(picture) ? '1fr' : 'auto'}`)
    .join(' ')
  return {
    'grid-template': `${template} / ${columns}${footAtEnd ? ' auto' : ''}`,
    'column-gap': px(isBeside(picture) || footAtEnd ? 22 : 0),
  }
}

const textsOf = (card: string) => `${card}>:is(.card-above,.card-beside,.card-below)`

/** A card that carries no picture has no room for one, wherever others have theirs. */
function withoutPicture(stop: ListStop, footAtEnd: boolean, card: string): readonly StyleRule[] {
  if (stop.picture === 'none' || stop.picture === 'above') return []
  return [
    rule(card, { ...cardAreas({ ...stop, picture: 'none' }, footAtEnd), '--card-behind': 0 }),
    rule(textsOf(card), { margin: 0, padding: 0, background: 'none' }),
  ]
}

/** What a place changes besides the areas; what another stop has changed is put back. */
function placeStyles(place: PicturePlace, card: string): readonly StyleRule[] {
  const [picture, texts] = [`${card}>.card-picture`, textsOf(card)]
  switch (place) {
    case 'none':
      return [rule(picture, { display: 'none' })]
    case 'behind':
      return [
        rule(picture, { display: 'block', 'grid-area': '1/1/-1/-1', margin: 0 }),
        rule(texts, { position: 'relative', margin: 0, 'padding-inline': px(20) }),
        rule(card, { '--card-behind': 1 }),
      ]
    case 'edge':
      return [
        rule(picture, { display: 'block', 'grid-area': 'picture', margin: 0 }),
        rule(texts, { position: 'relative', 'padding-inline': 0 }),
        rule(`${card}>:is(.card-beside,.card-below)`, {
          margin: `${px(-34)} ${px(18)} 0`,
          padding: `${px(14)} ${px(18)}`,
          background: 'var(--paper)',
        }),
      ]
    default:
      return [
        rule(picture, {
          display: 'block',
          'grid-area': 'picture',
          margin: `0 0 ${px(place === 'above' ? 12 : 0)}`,
        }),
        rule(texts, { position: 'static', margin: 0, padding: 0, background: 'none' }),
      ]
  }
}
