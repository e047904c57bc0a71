import { array, boolean, number, string } from 'yup'
import { idSchema } from '../schemas'
import { belowWidth, fromWidth, px, rule } from '../style/rules'
import type { SheetSettings } from './calendar-sheet'
import { calendarViews, readTurn, stretchSeen, weekBegins } from './calendar-turn'
import { clockPhrases, clockSchema, commonZone } from './dated'
import type { ClockSettings } from './dated'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { columnStyles, usualColumns, widthsInColumns } from './columns'
import { rowsOfCards } from './places'
import { stopAt, widestStop } from './stops'

export interface CalendarSettings extends CommonSettings, ClockSettings, SheetSettings {
  /** The facet whose terms give colours; null for none. */
  readonly facet: number | null
  /** Whether the terms stand above it, each a way to what has it alone. */
  readonly legend: boolean
  /** The listing's own width from which days say what is on them; below, marks and a list. CSS pixels. */
  readonly sheetFrom: number
}

/** Clocks are so far apart at most: from UTC+14:00 to UTC−12:00 (IANA time zone database). */
const farthestApart = 26 * 3_600_000

/** What the mark of its colour takes beside a card there. */
const markWidth = 18

const viewWords = { month: 'month', week: 'week', agenda: 'list' } as const

export const calendar = defineShape<'calendar', CalendarSettings>({
  name: 'calendar',
  title: 'Calendar',
  about: 'A month, a week or a list of days that visitors turn.',
  schema: settingsSchema('calendar', {
    views: array(string().oneOf([...calendarViews]))
      .min(1, 'A calendar has at least one view.')
      .test(
        'once',
        'A calendar has each view once.',
        (views: readonly unknown[] | undefined) => new Set(views).size === (views ?? []).length,
      ),
    weekBegins: string().oneOf([...weekBegins]),
    weekNumbers: boolean(),
    most: number()
      .integer()
      .min(1, 'Show at least one of a day.')
      .max(12, 'Show at most 12 of a day; the others unfold.'),
    facet: idSchema().nullable(),
    legend: boolean(),
    sheetFrom: number().integer().min(40).max(widestStop),
    clock: clockSchema(),
  }),
  defaults: {
    ...commonDefaults,
    views: ['month', 'week', 'agenda'],
    weekBegins: 'site',
    weekNumbers: false,
    most: 3,
    facet: null,
    legend: true,
    sheetFrom: 560,
    clock: 'site',
  },
  words: ({ views, sheetFrom, clock }) => ({
    text: [`a calendar by ${views.map((view) => viewWords[view]).join(', ')}`, ...clockPhrases(clock)].join(
      ', ',
    ),
    aside: views[0] === 'agenda' ? null : `marks and a list below ${sheetFrom} px`,
  }),
  isDriven: true,
  isOfWhen: 'every date',
  stretch(settings, asked) {
    const at = { ...asked, zone: commonZone(settings.clock, asked) }
    const turn = readTurn(at.turned, settings, at)
    const { from, before } = stretchSeen(turn, settings, at)
    // What has its own clock may lie so much further on or back by this one.
    const apart = settings.clock === 'event' ? farthestApart : 0
    return { from: from - apart, before: before + apart, term: turn.term, margin: 2 * apart }
  },
  termsShown: ({ facet }) => facet,
  layout: (_, heights, width) => {
    const stop = stopAt(usualColumns, width)
    return rowsOfCards(heights, width, stop.columns, stop).map((card) => ({
      ...card,
      left: card.left + markWidth,
      width: card.width - markWidth,
    }))
  },
  cardWidths: () =>
    widthsInColumns(usualColumns).map((width) => ({
      ...width,
      minus: width.minus + width.parts * markWidth,
    })),
  stops: ({ sheetFrom }) => [
    { from: 0, label: 'marks' },
    { from: sheetFrom, label: 'days in full' },
  ],
  moveStop: (settings, at, from) =>
    at === 1 ? { ...settings, sheetFrom: Math.round(Math.min(Math.max(from, 40), widestStop)) } : settings,
  styles: ({ sheetFrom }, selector) => [
    ...columnStyles(usualColumns, `${selector} .calendar-list ol`),
    ...belowWidth(sheetFrom, [
      rule(`${selector} .calendar-things`, { display: 'none' }),
      rule(`${selector} .calendar-bar`, { display: 'none' }),
      rule(`${selector} .calendar-sheet td`, { 'block-size': px(58) }),
    ]),
    ...fromWidth(sheetFrom, [
      rule(`${selector} .calendar-marks`, { display: 'none' }),
      rule(`${selector} .calendar-views`, { 'margin-inline-start': 'auto' }),
      rule(`${selector} .calendar-sheet + .calendar-list`, { display: 'none' }),
    ]),
  ],
})
