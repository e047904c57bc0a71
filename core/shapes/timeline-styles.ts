import { px, rule } from '../style/rules'
import type { StyleRule } from '../style/rules'
import type { LineSettings } from './timeline-line'

/** What the line takes beside cards on one side, and between cards on both, in CSS pixels. */
export const besideLine = 96
export const betweenSides = 120
/** After each card along the line that lies, in CSS pixels. */
export const cardGap = 20

/** From the line to cards on one side of it, and what a bar in a lane of its own takes. */
const toCards = 12
const laneWidth = 8
/** Of the line that lies: above it, and below it where its marks are told. */
const aboveLine = 8
const belowLine = 34
/** From a card that stands above the line that lies to where the line begins. */
const overLine = 12
const dot = 11
/** From where an item begins down the page to its dot. */
const toDot = 10

/** What the line that lies takes between what is above it and below it, with so many lanes of bars. */
export function lyingThickness(lanes: number): number {
  return aboveLine + lanes * laneWidth + belowLine
}

/** The line down the page: what is on it goes by rows. */
export function uprightStyles(selector: string, sides: LineSettings['sides']): readonly StyleRule[] {
  const isOne = sides === 'one'
  const item = `${selector} .timeline-item`
  const toLine = isOne ? toCards : betweenSides / 2
  const line = isOne ? px(besideLine - toCards) : '50%'
  const at = (side: 'start' | 'end', distance: number) => ({
    [`inset-inline-${side}`]: px(-distance),
    [`inset-inline-${side === 'start' ? 'end' : 'start'}`]: 'auto',
  })
  const ofLine = (name: string) => `${selector} .timeline-${name}`
  const told: StyleRule['set'] = isOne
    ? { 'inset-inline-end': `calc(${px(toCards + 10)} + var(--lanes) * ${px(laneWidth)})` }
    : { 'inset-inline': 0, 'text-align': 'center' }
  return [
    rule(ofLine('line'), {
      'grid-template-rows': 'var(--tracks)',
      'grid-template-columns': isOne
        ? `${px(besideLine)} minmax(0,1fr)`
        : `minmax(0,1fr) ${px(betweenSides)} minmax(0,1fr)`,
    }),
    rule(ofLine('heading'), { 'grid-row': 'var(--from) / var(--to)', 'grid-column': '1 / -1' }),
    rule(`${selector} .timeline-axis > *`, {
      'grid-row': 'var(--from) / var(--to)',
      'grid-column': isOne ? 1 : 2,
    }),
    rule(ofLine('rule'), { 'inline-size': px(2), 'margin-inline-start': `calc(${line} - 1px)` }),
    rule(ofLine('bar'), {
      'inline-size': px(6),
      'margin-inline-start': `calc(${line} - 3px ${isOne ? '-' : '+'} var(--lane) * ${px(laneWidth)})`,
    }),
    rule(`${selector} :is(.timeline-tick,.timeline-now)`, { 'block-size': 0 }),
    rule(`${selector} :is(.timeline-tick,.timeline-now) > span`, {
      'inset-block-start': `calc(${px(toDot)} - .7em)`,
      ...told,
    }),
    rule(ofLine('break > span'), { 'inset-block': 0, 'align-content': 'center', ...told }),
    rule(item, {
      'grid-row': `var(--from) / var(${isOne ? '--next' : '--to'})`,
      'grid-column': isOne ? 2 : 3,
      'padding-block-end': px(28),
    }),
    rule(`${item}::before`, {
      display: isOne ? 'none' : null,
      'inset-block-start': px(toDot),
      'block-size': px(1),
      'inline-size': px(toLine),
      ...at('start', toLine),
    }),
    rule(`${item}::after`, { 'inset-block-start': px(toDot - dot / 2), ...at('start', toLine + dot / 2) }),
    ...(isOne
      ? []
      : [
          rule(`${item}.at-start`, { 'grid-column': 1 }),
          rule(`${item}.at-start::before`, at('end', toLine)),
          rule(`${item}.at-start::after`, at('end', toLine + dot / 2)),
        ]),
  ]
}

/** The line across the page: what is on it goes by columns, under a row of headings. */
export function lyingStyles(selector: string, sides: LineSettings['sides']): readonly StyleRule[] {
  const isOne = sides === 'one'
  const item = `${selector} .timeline-item`
  const row = isOne ? 2 : 3
  const line = `calc(${px(aboveLine)} + var(--lanes) * ${px(laneWidth)})`
  const ofLine = (name: string) => `${selector} .timeline-${name}`
  return [
    rule(selector, { 'overflow-x': 'auto' }),
    rule(ofLine('line'), {
      'inline-size': 'max-content',
      'min-inline-size': '100%',
      'grid-template-columns': 'var(--tracks)',
      // Few that are narrow stay as close as they are; the line itself goes on.
      'justify-content': 'start',
      'grid-template-rows': `auto ${isOne ? '' : 'auto '}calc(${line} + ${px(belowLine)}) auto`,
    }),
    rule(ofLine('heading'), { 'grid-column': 'var(--from) / var(--to)', 'grid-row': 1 }),
    rule(`${selector} .timeline-axis > *`, { 'grid-column': 'var(--from) / var(--to)', 'grid-row': row }),
    rule(ofLine('rule'), { 'block-size': px(2), 'margin-block-start': `calc(${line} - 1px)` }),
    rule(ofLine('rule::after'), {
      content: "''",
      position: 'absolute',
      'inset-block': 0,
      'inset-inline-start': 0,
      'inline-size': '100cqi',
      background: 'inherit',
    }),
    rule(ofLine('bar'), {
      'block-size': px(6),
      'margin-block-start': `calc(${line} - 3px - var(--lane) * ${px(laneWidth)})`,
    }),
    rule(`${selector} :is(.timeline-tick,.timeline-now)`, {
      'inline-size': 0,
      'margin-block-start': line,
    }),
    rule(`${selector} :is(.timeline-tick,.timeline-now) > span`, {
      'inset-block-start': px(8),
      'inset-inline-start': px(4),
    }),
    rule(ofLine('break'), { 'margin-block-start': `calc(${line} - 6px)` }),
    rule(ofLine('break > span'), {
      'inset-inline': 0,
      'text-align': 'center',
      'padding-block-start': px(14),
    }),
    rule(item, {
      'grid-column': `var(--from) / var(${isOne ? '--next' : '--to'})`,
      'grid-row': row + 1,
      'inline-size': 'var(--card)',
      'padding-inline-end': px(cardGap),
    }),
    rule(`${item}::before`, {
      'inset-inline-start': 0,
      'inset-block-start': px(-belowLine),
      'block-size': px(belowLine),
      'inline-size': px(1),
    }),
    rule(`${item}::after`, {
      'inset-inline-start': px(-dot / 2),
      'inset-block-start': px(-belowLine - dot / 2),
    }),
    ...(isOne
      ? []
      : [
          rule(`${item}.at-start`, {
            'grid-row': 2,
            'align-self': 'end',
            'padding-block-end': px(overLine),
          }),
          rule(`${item}.at-start::before`, {
            'inset-block': `auto calc(-1 * ${line})`,
            'block-size': `calc(${line} + ${px(overLine)})`,
          }),
          rule(`${item}.at-start::after`, { 'inset-block': `auto calc(-1 * ${line} - ${px(dot / 2)})` }),
        ]),
  ]
}

/** A column for each heading, its cards below each other. */
export function columnStyles(selector: string): readonly StyleRule[] {
  return [
    rule(selector, { 'overflow-x': 'auto' }),
    rule(`${selector} .timeline-line`, { 'grid-auto-flow': 'column', 'grid-auto-columns': 'var(--card)' }),
    rule(`${selector} .timeline-axis`, { display: 'none' }),
    rule(`${selector} :is(.timeline-group,.timeline-items)`, { display: 'block' }),
    rule(`${selector} .timeline-item`, { 'padding-inline-end': px(cardGap), 'padding-block-end': px(28) }),
    rule(`${selector} .timeline-item::before`, { display: 'none' }),
    rule(`${selector} .timeline-item::after`, { display: 'none' }),
  ]
}
