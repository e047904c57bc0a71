import { array, number, object, string } from 'yup'
import { counted } from '../words'
import { defineShape } from './define'

/** From a width of the listing's own box on: so many columns, so much space between them. */
export interface GridStop {
  /** CSS pixels, 0 to 4,000; the first stop is at 0 and each next one is wider. */
  readonly from: number
  /** 1 to 6. */
  readonly columns: number
  /** CSS pixels between columns, 0 to 200. */
  readonly columnGap: number
  /** CSS pixels between rows, 0 to 200. */
  readonly rowGap: number
}

export interface GridSettings {
  readonly stops: readonly GridStop[]
}

export const mostColumns = 6
export const mostStops = 6
export const widestStop = 4000
/** Stops closer together than this could not be told apart on the ruler. */
export const leastStopDistance = 40

/** Three columns when wide, two in between, one when narrow: the usual start (common practice). */
const defaults: GridSettings = {
  stops: [
    { from: 0, columns: 1, columnGap: 22, rowGap: 30 },
    { from: 460, columns: 2, columnGap: 22, rowGap: 30 },
    { from: 720, columns: 3, columnGap: 22, rowGap: 30 },
  ],
}

const gap = (what: string) =>
  number()
    .typeError(`Say how many pixels the ${what} is.`)
    .integer('A gap is a whole number of pixels.')
    .min(0, 'A gap is 0 pixels or more.')
    .max(200, 'A gap is at most 200 pixels.')
    .required()

const schema = object({
  name: string<'grid'>().oneOf(['grid']).required(),
  stops: array(
    object({
      from: number().integer().min(0).max(widestStop, 'A stop lies at 4,000 pixels at most.').required(),
      columns: number()
        .integer()
        .min(1, 'A grid has at least 1 column.')
        .max(mostColumns, 'A grid has at most 6 columns.')
        .required(),
      columnGap: gap('gap between columns'),
      rowGap: gap('gap between rows'),
    })
      .noUnknown()
      .required(),
  )
    .min(1, 'A grid has at least one stop.')
    .max(mostStops, 'A grid has at most 6 stops.')
    .test('rising', 'The first stop is at 0, and each next one is wider than the one before.', (stops) =>
      (stops ?? []).every((stop, at, all) => (at === 0 ? stop.from === 0 : stop.from > (all[at - 1]?.from ?? 0))),
    )
    .required(),
})
  .noUnknown()
  .required()

/** The stop in force at a box width. */
export function gridStopAt(settings: GridSettings, width: number): GridStop {
  const reached = settings.stops.filter((stop) => stop.from <= width)
  return reached.at(-1) ?? settings.stops[0] ?? { from: 0, columns: 1, columnGap: 0, rowGap: 0 }
}

/** The settings with one stop replaced. */
export function withGridStop(settings: GridSettings, at: number, change: Partial<GridStop>): GridSettings {
  return { stops: settings.stops.map((stop, index) => (index === at ? { ...stop, ...change } : stop)) }
}

/** Adds a stop halfway into the widest stretch that has room, or returns null when there is none. */
export function withAddedGridStop(settings: GridSettings, widest = 1200): GridSettings | null {
  if (settings.stops.length >= mostStops) return null
  const ends = [...settings.stops.slice(1).map((stop) => stop.from), widest]
  const stretches = settings.stops.map((stop, at) => ({ stop, room: (ends[at] ?? widest) - stop.from }))
  const roomiest = stretches.reduce((best, one) => (one.room > best.room ? one : best))
  if (roomiest.room < 2 * leastStopDistance) return null
  const added = { ...roomiest.stop, from: roomiest.stop.from + Math.round(roomiest.room / 2) }
  return { stops: [...settings.stops, added].toSorted((a, b) => a.from - b.from) }
}

export const grid = defineShape<'grid', GridSettings>({
  name: 'grid',
  title: 'Grid',
  schema,
  defaults,
  words(settings) {
    const [widest = 1, ...narrower] = settings.stops.map((stop) => stop.columns).reverse()
    const differing = narrower.filter((columns, at) => columns !== [widest, ...narrower][at])
    return {
      text: `grid of ${counted(widest, 'column', 'columns')}`,
      aside: differing.length > 0 ? differing.join(' · ') : null,
    }
  },
  layout(settings, heights, width) {
    const { columns, columnGap, rowGap } = gridStopAt(settings, width)
    const cardWidth = (width - (columns - 1) * columnGap) / columns
    const rows = Array.from({ length: Math.ceil(heights.length / columns) }, (_, row) =>
      heights.slice(row * columns, (row + 1) * columns),
    )
    let top = 0
    return rows.flatMap((row) => {
      const height = Math.max(...row)
      const placed = row.map((_, column) => ({
        left: column * (cardWidth + columnGap),
        top,
        width: cardWidth,
        height,
      }))
      top += height + rowGap
      return placed
    })
  },
  cardWidths: (settings) =>
    settings.stops.map((stop) => ({
      from: stop.from,
      parts: stop.columns,
      minus: (stop.columns - 1) * stop.columnGap,
    })),
  stops: (settings) =>
    settings.stops.map((stop) => ({ from: stop.from, label: counted(stop.columns, 'column', 'columns') })),
  moveStop(settings, at, from) {
    if (at === 0) return settings
    const least = (settings.stops[at - 1]?.from ?? 0) + leastStopDistance
    const most = (settings.stops[at + 1]?.from ?? widestStop + leastStopDistance) - leastStopDistance
    return withGridStop(settings, at, { from: Math.round(Math.min(Math.max(from, least), most)) })
  },
  css: (settings, selector) =>
    settings.stops
      .map((stop) => {
        const rule =
          `${selector}{grid-template-columns:repeat(${stop.columns},minmax(0,1fr));` +
          `gap:${stop.rowGap}px ${stop.columnGap}px}`
        return stop.from === 0 ? rule : `@container listing (min-width:${stop.from}px){${rule}}`
      })
      .join('\n'),
})
