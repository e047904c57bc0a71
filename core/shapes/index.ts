import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../registry'
import type { Registry } from '../registry'
import { calendar } from './calendar'
import type { CalendarSettings } from './calendar'
import type { BoxWidths, CardCarries, RulerStop, ShapeKind } from './define'
import { grid } from './grid'
import type { GridSettings } from './grid'
import { grouped } from './grouped'
import type { GroupedSettings } from './grouped'
import { indexPreview } from './index-preview'
import type { IndexSettings } from './index-preview'
import { list } from './list'
import type { ListSettings } from './list'
import { masonry } from './masonry'
import type { MasonrySettings } from './masonry'
import { schedule } from './schedule'
import type { ScheduleSettings } from './schedule'
import { slides } from './slides'
import type { SlidesSettings } from './slides'
import { table } from './table'
import type { TableSettings } from './table'
import { withinWidth } from './stops'
import { tabs } from './tabs'
import type { TabsSettings } from './tabs'
import { timeline } from './timeline'
import type { TimelineSettings } from './timeline'

/** The settings of every shape by its name. */
export interface ShapeSettings {
  readonly grid: GridSettings
  readonly masonry: MasonrySettings
  readonly list: ListSettings
  readonly slides: SlidesSettings
  readonly tabs: TabsSettings
  readonly index: IndexSettings
  readonly grouped: GroupedSettings
  readonly table: TableSettings
  readonly timeline: TimelineSettings
  readonly calendar: CalendarSettings
  readonly schedule: ScheduleSettings
}

export type ShapeName = keyof ShapeSettings

/** The choice of one shape: its name with its settings. */
export type ChosenShape<Name extends ShapeName> = { readonly name: Name } & ShapeSettings[Name]

/** The Shape clause: a shape's name with that shape's settings. */
export type ShapeChoice = { readonly [Name in ShapeName]: ChosenShape<Name> }[ShapeName]

/** A shape as the registry hands it out: callers pass settings of the shape's own name only. */
export type AnyShapeKind = ShapeKind<ShapeName, ShapeChoice>

/**
 * Every shape. A new one is a file beside these, a component in site/shapes and a line here; one that
 * makes more of its entries than their order has a line in arrangements.ts, too.
 */
export const shapes: Registry<AnyShapeKind> = registryOf('shape', [
  grid,
  masonry,
  list,
  slides,
  tabs,
  indexPreview,
  grouped,
  table,
  timeline,
  calendar,
  schedule,
] as unknown as readonly AnyShapeKind[])

export const defaultShape: ChosenShape<'grid'> = { name: 'grid', ...grid.defaults }

/** A shape with nothing set yet. */
export function newShape(name: ShapeName): ShapeChoice {
  return { ...shapes.get(name).defaults, name } as unknown as ShapeChoice
}

/** The shape of a choice. */
export function shapeOf(choice: ShapeChoice): AnyShapeKind {
  return shapes.get(choice.name)
}

/**
 * The clause in words: what holds at the width that the box has now, where that is given, and what
 * other widths have.
 */
export function shapePhrase(
  choice: ShapeChoice,
  card: CardCarries,
  box?: BoxWidths,
): { readonly text: string; readonly aside: string | null } {
  const shape = shapeOf(choice)
  if (box === undefined || !('stops' in choice)) return shape.words(choice, card)
  const held = withinWidth(choice, box.now)
  const { text, aside } = shape.words(held, card)
  const wider = widerPhrases(shape.stops(choice), held.stops.length, box.widest)
  if (wider.length === 0) return { text, aside }
  return { text, aside: [...(aside === null ? [] : [`${aside} where narrower`]), ...wider].join('; ') }
}

/** What stops say that a box has not reached, and that it never will where its place ends before. */
function widerPhrases(stops: readonly RulerStop[], reached: number, widest: number): readonly string[] {
  return stops.flatMap((stop, at) => {
    if (at < reached || stop.label === stops[at - 1]?.label) return []
    return stop.from <= widest
      ? [`${stop.label} where wider`]
      : [`${stop.label} only from ${stop.from} px, which it never is here`]
  })
}

/** How wide pictures are at each width of the listing's box, `share` of a card where the card decides. */
export function pictureWidthsOf(choice: ShapeChoice, share = 1): ReturnType<AnyShapeKind['cardWidths']> {
  const shape = shapeOf(choice)
  return (
    shape.pictureWidths?.(choice) ??
    shape.cardWidths(choice).map((width) => ({ ...width, parts: width.parts / share }))
  )
}

/**
 * Another shape in place of one: what both can be set to is kept, stops with what they share, and
 * the rest is at its default.
 */
export function switchedShape(choice: ShapeChoice, name: ShapeName): ShapeChoice {
  const { defaults, schema } = shapes.get(name)
  const fresh: Record<string, unknown> = { ...defaults, name }
  for (const [key, value] of Object.entries(choice) as readonly (readonly [string, unknown])[]) {
    if (key === 'name' || !(key in fresh)) continue
    const kept = { ...fresh, [key]: key === 'stops' ? carriedStops(value, fresh.stops) : value }
    if (schema.isValidSync(kept, { strict: true })) fresh[key] = kept[key]
  }
  return fresh as unknown as ShapeChoice
}

/**
 * Stops at the old widths, each with those settings that the new stops have, the others as at its
 * place by default.
 */
function carriedStops(old: unknown, defaults: unknown): unknown {
  const [before, fresh] = [old, defaults] as readonly (readonly Readonly<Record<string, unknown>>[])[]
  if (before === undefined || fresh === undefined) return defaults
  return before.map((stop, at) => {
    const base = fresh[Math.min(at, fresh.length - 1)] ?? {}
    return Object.fromEntries(Object.entries(base).map(([key, value]) => [key, stop[key] ?? value]))
  })
}

/** Checks a Shape clause by the schema of its shape; the clause may be left out. */
export const shapeSchema = lazy((value: unknown) => {
  if (value === undefined) return mixed()
  const name =
    typeof value === 'object' && value !== null ? (Reflect.get(value, 'name') ?? defaultShape.name) : null
  return shapes.find(name)?.schema ?? unknownShape
}) as unknown as Schema<ShapeChoice>

const unknownShape = mixed().test('known', `A shape is one of: ${shapes.names.join(', ')}.`, () => false)
