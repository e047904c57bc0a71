import type { StyleTarget } from '../style/targets'
import type { ShapeName } from './index'

/** Several shapes have tabs, and what a look says of them holds in each. */
const tabs: readonly StyleTarget[] = [
  { name: 'tab-bar', title: 'Bar of tabs', selector: '.tab-list' },
  {
    name: 'tab',
    title: 'Tab',
    selector: '.tab-list [role="tab"]',
    chosen: '[aria-selected="true"]',
    isPressed: true,
  },
  { name: 'tab-panel', title: 'What a tab shows', selector: '[role="tabpanel"]' },
]

/** The names above groups of cards. */
const groupName: StyleTarget = {
  name: 'group-name',
  title: 'Name of a group',
}

/** Arrows beside a row that scrolls. */
const rowArrow: StyleTarget = {
  name: 'arrow',
  title: 'Arrow',
  selector: '.row-arrows button',
  isPressed: true,
}

/**
 * What a look can style of each shape, besides its cards. It stands beside the shapes, as what arranges them
 * does: the bench knows each shape from its first moment, and this once a look is set.
 */
export const shapeTargets: Readonly<Record<ShapeName, readonly StyleTarget[]>> = {
  grid: [],
  masonry: [],
  list: [],
  tabs: [...tabs, groupName],
  index: tabs,
  grouped: [groupName],
  slides: [
    { name: 'slides-arrow', title: 'Arrow', isPressed: true },
    {
      name: 'slides-dot',
      title: 'Dot',
      selector: '.slides-dots button',
      chosen: '[aria-current="true"]',
      isPressed: true,
    },
    { name: 'slides-pause', title: 'Pause', selector: '[data-control="pause"]', isPressed: true },
  ],
  table: [
    { name: 'table', title: 'Table' },
    { name: 'table-head', title: 'Head of a column', selector: '.table thead th' },
    { name: 'table-row', title: 'Row', selector: '.table tbody tr' },
    { name: 'table-cell', title: 'Cell', selector: '.table tbody :is(th, td)', heldBy: '.table tbody tr' },
  ],
  timeline: [
    rowArrow,
    { name: 'timeline-line', title: 'Line', selector: '.timeline-rule' },
    { name: 'timeline-bar', title: 'Bar of what lasts' },
    { name: 'timeline-tick', title: 'Mark of a time', selector: '.timeline-tick > span' },
    { name: 'timeline-break', title: 'Words of a break', selector: '.timeline-break > span' },
    { name: 'timeline-heading', title: 'Heading of years' },
    { name: 'timeline-when', title: 'When' },
    { name: 'timeline-item', title: 'Item' },
  ],
  calendar: [
    { name: 'calendar-title', title: 'Name of the month' },
    {
      name: 'calendar-turn',
      title: 'Way to another month',
      selector: '.calendar-turns a',
      isPressed: true,
    },
    {
      name: 'calendar-view',
      title: 'Way to another view',
      selector: '.calendar-views a',
      chosen: '[aria-current="true"]',
    },
    {
      name: 'calendar-term',
      title: 'Term',
      selector: '.calendar-legend a',
      chosen: '[aria-current="true"]',
    },
    { name: 'calendar-weekday', title: 'Day of the week', selector: '.calendar-sheet thead th' },
    { name: 'calendar-cell', title: 'Day', selector: '.calendar-sheet td', chosen: '.today' },
    { name: 'calendar-number', title: 'Number of a day' },
    { name: 'calendar-bar', title: 'Bar of several days' },
    { name: 'calendar-thing', title: 'What is on a day' },
    { name: 'calendar-day-name', title: 'Day in the list' },
  ],
  schedule: [
    ...tabs,
    groupName,
    rowArrow,
    { name: 'schedule-head', title: 'Name of a track' },
    { name: 'schedule-hour', title: 'Hour' },
    { name: 'schedule-break', title: 'Break' },
    { name: 'schedule-item', title: 'What happens', chosen: '[data-going]' },
    { name: 'schedule-when', title: 'When', heldBy: '.schedule-item' },
    {
      name: 'schedule-mark',
      title: 'Mark of what one goes to',
      chosen: '[aria-pressed="true"]',
    },
    { name: 'schedule-now', title: 'Line at the present minute', selector: '.schedule-now > span' },
  ],
}
