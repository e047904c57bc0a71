import { boolean, number, string } from 'yup'
import { belowWidth, fromWidth, rule } from '../style/rules'
import { clockPhrases, clockSchema } from './dated'
import type { ClockSettings } from './dated'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CardWidth, CommonSettings, Placed } from './define'
import { widestStop } from './stops'
import { datesTold, lineHeadings, timeLine } from './timeline-line'
import type { LineSettings, TimeLine } from './timeline-line'
import {
  besideLine,
  betweenSides,
  cardGap,
  columnStyles,
  lyingStyles,
  lyingThickness,
  uprightStyles,
} from './timeline-styles'
import { linePlaces, trackSizes } from './track-sizes'

export const timelineLays = ['upright', 'lying', 'columns'] as const
export const lineSides = ['one', 'both'] as const
export const lineSpacings = ['even', 'scale'] as const
export const lineFirsts = ['oldest', 'newest'] as const

export interface TimelineSettings extends CommonSettings, ClockSettings, LineSettings {
  /** Down the page, across it, or a column for each year. */
  readonly lay: (typeof timelineLays)[number]
  /** The listing's own width from which it lies, or has two sides, in CSS pixels; upright below. */
  readonly wideFrom: number
  /** Cards beside each other that are seen at once, where it lies. */
  readonly atOnce: number
}

const layWords: Record<TimelineSettings['lay'], string> = {
  upright: 'a timeline down the page',
  lying: 'a timeline across the page',
  columns: 'a timeline in columns of years',
}

/** From which width on a line is more than upright with one side. */
function widens({ lay, sides }: Pick<TimelineSettings, 'lay' | 'sides'>): boolean {
  return lay !== 'upright' || sides === 'both'
}

export const timeline = defineShape<'timeline', TimelineSettings>({
  name: 'timeline',
  title: 'Timeline',
  about: 'Along a line of time, by when things happened.',
  schema: settingsSchema('timeline', {
    lay: string().oneOf([...timelineLays]),
    sides: string().oneOf([...lineSides]),
    spacing: string().oneOf([...lineSpacings]),
    room: number()
      .integer()
      .min(20, 'Give each at least 20 px of the line.')
      .max(1000, 'Give each at most 1000 px of the line.'),
    breaks: boolean(),
    first: string().oneOf([...lineFirsts]),
    headings: string().oneOf([...lineHeadings]),
    tells: string().oneOf([...datesTold]),
    now: boolean(),
    wideFrom: number().integer().min(40).max(widestStop),
    clock: clockSchema(),
    atOnce: number().integer().min(1, 'Show at least one at once.').max(8, 'Show at most 8 at once.'),
  }),
  defaults: {
    ...commonDefaults,
    lay: 'upright',
    sides: 'both',
    spacing: 'even',
    room: 140,
    breaks: true,
    first: 'oldest',
    headings: 'none',
    tells: 'day',
    now: true,
    wideFrom: 640,
    atOnce: 4,
    clock: 'site',
  },
  words: (settings) => ({
    text: [
      layWords[settings.lay],
      ...(settings.lay !== 'columns' && settings.sides === 'both' ? ['on both sides'] : []),
      ...(settings.lay !== 'columns' && settings.spacing === 'scale' ? ['to scale'] : []),
      ...clockPhrases(settings.clock),
    ].join(', '),
    aside: widens(settings) ? `upright below ${settings.wideFrom} px` : null,
  }),
  isDriven: true,
  isOfWhen: 'as asked',
  layout: (settings, heights, width) =>
    timelinePlaces(settings, evenLine(settings, heights.length), heights, width),
  cardWidths: (settings) => [
    { from: 0, parts: 1, minus: besideLine },
    ...(widens(settings) ? [wideCards(settings)] : []),
  ],
  stops: (settings) => [
    { from: 0, label: 'upright' },
    ...(widens(settings)
      ? [{ from: settings.wideFrom, label: settings.lay === 'upright' ? 'both sides' : settings.lay }]
      : []),
  ],
  moveStop: (settings, at, from) =>
    at === 1 && widens(settings)
      ? { ...settings, wideFrom: Math.round(Math.min(Math.max(from, 40), widestStop)) }
      : settings,
  styles: (settings, selector) => [
    rule(selector, { '--card': `calc(100cqi / ${settings.atOnce})` }),
    ...belowWidth(settings.wideFrom, uprightStyles(selector, 'one')),
    ...fromWidth(
      settings.wideFrom,
      settings.lay === 'upright'
        ? uprightStyles(selector, settings.sides)
        : settings.lay === 'lying'
          ? lyingStyles(selector, settings.sides)
          : columnStyles(selector),
    ),
  ],
})

/** Columns are always of something: of years where no heading is chosen. */
export function lineOf(settings: TimelineSettings): LineSettings {
  return settings.lay === 'columns' && settings.headings === 'none'
    ? { ...settings, headings: 'year' }
    : settings
}

function wideCards({ lay, wideFrom, atOnce }: TimelineSettings): CardWidth {
  return lay === 'upright'
    ? { from: wideFrom, parts: 2, minus: betweenSides }
    : { from: wideFrom, parts: atOnce, minus: atOnce * cardGap }
}

/** A line on which so many are spaced evenly. */
function evenLine(settings: TimelineSettings, count: number): TimeLine {
  const given = Array.from({ length: count }, (_, at) => ({ startsAt: at, endsAt: at, isWholeDays: false }))
  const even = { ...settings, spacing: 'even', first: 'oldest', headings: 'none' } as const
  return timeLine(even, given, { locale: 'en', zone: 'UTC', now: 0 })
}

/**
 * Where each item of a line lies in a box of this width, in the order in which they stand on the line;
 * a heading takes `headingLength` along it. Columns are told one column after the other.
 */
export function timelinePlaces(
  settings: TimelineSettings,
  line: TimeLine,
  heights: readonly number[],
  width: number,
  headingLength = 0,
): readonly Placed[] {
  const items = line.groups.flatMap((group) => group.items)
  const isWide = width >= settings.wideFrom
  const cards = timeline.cardWidths(settings).findLast((one) => one.from <= width)
  const cardWidth = (width - (cards?.minus ?? 0)) / (cards?.parts ?? 1)
  if (isWide && settings.lay === 'columns')
    return columnPlaces(
      line.groups.map((group) => group.items.length),
      heights,
      cardWidth,
      headingLength,
    )
  const isLying = isWide && settings.lay === 'lying'
  const hasSides = isWide && settings.sides === 'both'
  const headings = line.groups.flatMap(({ heading }) =>
    heading === null ? [] : [{ ...heading, length: headingLength }],
  )
  const sizes = trackSizes(line.tracks, [
    ...headings,
    ...items.map(({ from, to, next }, at) => ({
      from,
      to: hasSides ? to : next,
      length: isLying ? cardWidth + cardGap : (heights[at] ?? 0),
    })),
  ])
  const places = linePlaces(sizes)
  const above = Math.max(
    0,
    ...items.map(({ side }, at) => (hasSides && side === 'start' ? (heights[at] ?? 0) : 0)),
  )
  const thickness = lyingThickness(Math.max(0, ...line.bars.map(({ lane }) => lane + 1)))
  return items.map(({ from, side }, at) => {
    const [along, height] = [places[from - 1] ?? 0, heights[at] ?? 0]
    if (isLying)
      return {
        left: along,
        top: hasSides && side === 'start' ? above - height : above + thickness,
        width: cardWidth,
        height,
      }
    return {
      left: hasSides && side === 'start' ? 0 : width - cardWidth,
      top: along,
      width: cardWidth,
      height,
    }
  })
}

function columnPlaces(
  counts: readonly number[],
  heights: readonly number[],
  cardWidth: number,
  headingLength: number,
): readonly Placed[] {
  let at = 0
  return counts.flatMap((count, column) => {
    let top = headingLength
    return heights.slice(at, (at += count)).map((height) => {
      const placed = { left: column * (cardWidth + cardGap), top, width: cardWidth, height }
      top += height
      return placed
    })
  })
}
