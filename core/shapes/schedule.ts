import { boolean, number, string } from 'yup'
import { belowWidth, fromWidth, px, rule } from '../style/rules'
import { clockPhrases, clockSchema } from './dated'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import type { PlanSettings } from './schedule-plan'
import { widestStop } from './stops'

export const scheduleLays = ['columns', 'list'] as const
export const scheduleDays = ['tabs', 'below'] as const

export interface ScheduleSettings extends CommonSettings, PlanSettings {
  /** Hours down the page with a column for each track, or one after the other. */
  readonly lay: (typeof scheduleLays)[number]
  /** Whether several days are seen one at a time. */
  readonly days: (typeof scheduleDays)[number]
  /** The listing's own width from which all tracks are beside each other; below, one at a time. CSS pixels. */
  readonly wideFrom: number
  /** Whether a line stands at the present minute. */
  readonly now: boolean
  /** Whether visitors can mark what they mean to go to. */
  readonly marks: boolean
}

/** What the hours take beside the cards, and what stands around the text of a card; CSS pixels. */
const hoursWidth = 64
const aroundCard = 28
const betweenCards = 8
/** No lane is narrower where one track is seen at a time, in CSS pixels. */
const leastLane = 130

/** What of a box is not the text of a card of its only column. */
function besideCard(lay: ScheduleSettings['lay']): number {
  return aroundCard + (lay === 'columns' ? hoursWidth + betweenCards : 0)
}

export const schedule = defineShape<'schedule', ScheduleSettings>({
  name: 'schedule',
  title: 'Schedule',
  about: 'Days by the hour, with a column for each room or line.',
  schema: settingsSchema('schedule', {
    lay: string().oneOf([...scheduleLays]),
    days: string().oneOf([...scheduleDays]),
    hour: number().integer().min(30, 'Give an hour at least 30 px.').max(600, 'Give an hour at most 600 px.'),
    breaks: boolean(),
    now: boolean(),
    wideFrom: number().integer().min(40).max(widestStop),
    marks: boolean(),
    clock: clockSchema(),
  }),
  defaults: {
    ...commonDefaults,
    lay: 'columns',
    days: 'tabs',
    hour: 96,
    breaks: true,
    now: true,
    wideFrom: 640,
    marks: true,
    clock: 'site',
  },
  words: ({ lay, days, wideFrom, clock }) => ({
    text: [
      lay === 'columns' ? 'a schedule by the hour' : 'a schedule in a list',
      ...(days === 'tabs' ? ['a day a tab'] : []),
      ...clockPhrases(clock),
    ].join(', '),
    aside: lay === 'columns' ? `one track at a time below ${wideFrom} px` : null,
  }),
  isDriven: true,
  isOfWhen: 'as asked',
  layout: ({ lay }, heights, width) => {
    let top = 0
    return heights.map((height) => {
      const placed = {
        left: besideCard(lay) - aroundCard / 2,
        top,
        width: width - besideCard(lay),
        height,
      }
      top += height
      return placed
    })
  },
  cardWidths: ({ lay }) => [{ from: 0, parts: 1, minus: besideCard(lay) }],
  stops: ({ lay, wideFrom }) =>
    lay === 'list'
      ? [{ from: 0, label: 'a list' }]
      : [
          { from: 0, label: 'one track' },
          { from: wideFrom, label: 'all tracks' },
        ],
  moveStop: (settings, at, from) =>
    at === 1 ? { ...settings, wideFrom: Math.round(Math.min(Math.max(from, 40), widestStop)) } : settings,
  styles: ({ lay, wideFrom }, selector) =>
    lay === 'list'
      ? []
      : [
          rule(selector, {
            '--hours': px(hoursWidth),
            '--track': `calc(100cqi - ${px(hoursWidth)})`,
            '--least-lane': px(leastLane),
          }),
          ...belowWidth(wideFrom, [
            rule(`${selector} .schedule-row`, { 'overflow-x': 'auto' }),
            rule(`${selector} :is(.schedule-names, .schedule-grid)`, {
              'grid-template-columns': 'var(--hours) var(--one-track)',
              'inline-size': 'max-content',
            }),
          ]),
          ...fromWidth(wideFrom, [
            rule(`${selector} :is(.schedule-names, .schedule-grid)`, {
              'grid-template-columns': 'var(--hours) var(--all-tracks)',
            }),
            rule(`${selector} .schedule-frame:not(.crowded) .schedule-heads`, { display: 'block' }),
            rule(`${selector} .schedule-frame:not(.crowded) .schedule-side`, { display: 'none' }),
            // The names above the columns say it for the eye.
            rule(`${selector} .schedule-frame:not(.crowded) .schedule-track`, {
              position: 'absolute',
              'clip-path': 'inset(50%)',
            }),
          ]),
        ],
})
