import fc from 'fast-check'
import { shapes } from '~~/core/shapes'
import type { ShapeChoice, ShapeName } from '~~/core/shapes'
import type { ColumnsStop } from '~~/core/shapes/columns'
import { clocks } from '~~/core/formats/dates'
import { calendarViews, weekBegins } from '~~/core/shapes/calendar-turn'
import { alignments, directions } from '~~/core/shapes/define'
import { groupings } from '~~/core/shapes/grouping'
import { picturePlaces } from '~~/core/shapes/list'
import { scheduleDays, scheduleLays } from '~~/core/shapes/schedule'
import { arrowPlaces, slideSteps } from '~~/core/shapes/slides'
import { mostStops } from '~~/core/shapes/stops'
import { lineFirsts, lineSides, lineSpacings, timelineLays } from '~~/core/shapes/timeline'
import { datesTold, lineHeadings } from '~~/core/shapes/timeline-line'
import { tabsBys, tabsPlaces } from '~~/core/shapes/tabs'

/** Random settings of every shape. */

/** Stops at widths that rise from 0, each with what `fields` gives. */
function stopsOf<T>(fields: fc.Arbitrary<T>): fc.Arbitrary<readonly (T & { readonly from: number })[]> {
  return fc
    .uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: mostStops - 1 })
    .chain((places) =>
      fc.tuple(
        ...[0, ...places.sort((a, b) => a - b)].map((place) =>
          fields.map((own) => ({ ...own, from: place * 60 })),
        ),
      ),
    )
}

const columns = fc.integer({ min: 1, max: 6 })
const gap = fc.integer({ min: 0, max: 60 })

export const stops: fc.Arbitrary<readonly ColumnsStop[]> = stopsOf(
  fc.record({ columns, columnGap: gap, rowGap: gap }),
)

const own: { readonly [Name in ShapeName]: fc.Arbitrary<object> } = {
  grid: fc.record({
    stops,
    heights: fc.constantFrom('equal', 'natural'),
    fit: fc.option(fc.integer({ min: 80, max: 500 })),
  }),
  masonry: fc.record({ stops }),
  list: fc.record({
    stops: stopsOf(
      fc.record({
        picture: fc.constantFrom(...picturePlaces),
        share: fc.integer({ min: 5, max: 80 }),
        rowGap: gap,
      }),
    ),
    lines: fc.boolean(),
    footAtEnd: fc.boolean(),
  }),
  slides: fc.record({
    stops: stopsOf(fc.record({ columns, columnGap: gap })),
    autoplay: fc.option(fc.integer({ min: 2, max: 60 })),
    loop: fc.boolean(),
    dots: fc.boolean(),
    arrows: fc.constantFrom(...arrowPlaces),
    step: fc.constantFrom(...slideSteps),
  }),
  tabs: fc.record({
    by: fc.constantFrom(...tabsBys),
    facet: fc.option(fc.integer({ min: 1, max: 9 })),
    place: fc.constantFrom(...tabsPlaces),
    stops,
  }),
  index: fc.record({
    side: fc.constantFrom('end', 'start'),
    share: fc.integer({ min: 30, max: 80 }),
    beside: fc.integer({ min: 40, max: 1200 }),
  }),
  grouped: fc.record({
    by: fc.constantFrom(...groupings),
    facet: fc.option(fc.integer({ min: 1, max: 9 })),
    stops,
  }),
  timeline: fc.record({
    clock: fc.constantFrom(...clocks),
    lay: fc.constantFrom(...timelineLays),
    sides: fc.constantFrom(...lineSides),
    spacing: fc.constantFrom(...lineSpacings),
    room: fc.integer({ min: 20, max: 400 }),
    breaks: fc.boolean(),
    first: fc.constantFrom(...lineFirsts),
    headings: fc.constantFrom(...lineHeadings),
    tells: fc.constantFrom(...datesTold),
    now: fc.boolean(),
    wideFrom: fc.integer({ min: 40, max: 1200 }),
    atOnce: fc.integer({ min: 1, max: 8 }),
  }),
  calendar: fc.record({
    clock: fc.constantFrom(...clocks),
    views: fc.shuffledSubarray([...calendarViews], { minLength: 1 }),
    weekBegins: fc.constantFrom(...weekBegins),
    weekNumbers: fc.boolean(),
    most: fc.integer({ min: 1, max: 12 }),
    facet: fc.option(fc.integer({ min: 1, max: 9 })),
    legend: fc.boolean(),
    sheetFrom: fc.integer({ min: 40, max: 1200 }),
  }),
  schedule: fc.record({
    clock: fc.constantFrom(...clocks),
    lay: fc.constantFrom(...scheduleLays),
    days: fc.constantFrom(...scheduleDays),
    hour: fc.integer({ min: 30, max: 600 }),
    breaks: fc.boolean(),
    now: fc.boolean(),
    wideFrom: fc.integer({ min: 40, max: 1200 }),
    marks: fc.boolean(),
  }),
  table: fc.record({ from: fc.integer({ min: 40, max: 1200 }), head: fc.boolean(), stripes: fc.boolean() }),
}

/** Any shape with any settings. */
export const anyShape: fc.Arbitrary<ShapeChoice> = fc
  .constantFrom(...shapes.names)
  .chain((name) => shapeNamed(name))

/** A shape of that name with any settings. */
export function shapeNamed(name: ShapeName): fc.Arbitrary<ShapeChoice> {
  return fc
    .tuple(own[name], fc.constantFrom(...alignments), fc.constantFrom(...directions))
    .map(
      ([settings, align, direction]) => ({ ...settings, name, align, direction }) as unknown as ShapeChoice,
    )
}
