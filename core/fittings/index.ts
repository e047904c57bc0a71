import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../registry'
import type { Registry } from '../registry'
import type { FittingKind } from './define'
import { authorBox } from './author-box'
import type { AuthorBoxSettings } from './author-box'
import { breadcrumbs } from './breadcrumbs'
import type { BreadcrumbSettings } from './breadcrumbs'
import { codeFitting } from './code'
import type { CodeSettings } from './code'
import { entryFitting } from './entry'
import type { EntrySettings } from './entry'
import { heading } from './heading'
import type { HeadingSettings } from './heading'
import { menuFitting } from './menu'
import type { MenuSettings } from './menu'
import { monthIndex } from './month-index'
import type { MonthIndexSettings } from './month-index'
import { neighbours } from './neighbours'
import type { NeighboursSettings } from './neighbours'
import { note } from './note'
import type { NoteSettings } from './note'
import { pictureFitting } from './picture'
import type { PictureSettings } from './picture'
import { ruleFitting } from './rule'
import type { RuleSettings } from './rule'
import { siteName } from './site-name'
import type { SiteNameSettings } from './site-name'
import { search } from './search'
import type { SearchSettings } from './search'
import { smallCalendar } from './small-calendar'
import type { SmallCalendarSettings } from './small-calendar'
import { space } from './space'
import type { SpaceSettings } from './space'
import { termIndex } from './term-index'
import type { TermIndexSettings } from './term-index'

/** The settings of every fitting by its name. */
export interface FittingSettings {
  readonly heading: HeadingSettings
  readonly note: NoteSettings
  readonly picture: PictureSettings
  readonly code: CodeSettings
  readonly terms: TermIndexSettings
  readonly months: MonthIndexSettings
  readonly calendar: SmallCalendarSettings
  readonly search: SearchSettings
  readonly menu: MenuSettings
  readonly 'site-name': SiteNameSettings
  readonly breadcrumbs: BreadcrumbSettings
  readonly entry: EntrySettings
  readonly author: AuthorBoxSettings
  readonly neighbours: NeighboursSettings
  readonly rule: RuleSettings
  readonly space: SpaceSettings
}

export type FittingName = keyof FittingSettings

/** The choice of one fitting: its name with its settings. */
export type ChosenFitting<Name extends FittingName> = { readonly name: Name } & FittingSettings[Name]
export type FittingChoice = { readonly [Name in FittingName]: ChosenFitting<Name> }[FittingName]

/** A fitting as the registry hands it out: callers pass settings of the fitting's own name only. */
export type AnyFittingKind = FittingKind<FittingName, FittingChoice>

/** Every fitting. A new one is a file beside these, a component in site/fittings and a line here. */
export const fittings: Registry<AnyFittingKind> = registryOf('fitting', [
  note,
  heading,
  pictureFitting,
  codeFitting,
  termIndex,
  monthIndex,
  smallCalendar,
  search,
  menuFitting,
  siteName,
  breadcrumbs,
  entryFitting,
  authorBox,
  neighbours,
  ruleFitting,
  space,
] as unknown as readonly AnyFittingKind[])

/**
 * A fitting as it is placed beside listings of these collections, or else where there are these, the
 * most likely first.
 */
export function begunFitting(name: FittingName, collections: readonly number[]): FittingChoice {
  return { ...newFitting(name), ...fittings.get(name).begun?.({ collections }) } as FittingChoice
}

/** A fitting as it is placed, with nothing set yet. */
export function newFitting<Name extends FittingName>(name: Name): FittingOf<Name> {
  return { ...fittings.get(name).defaults, name } as unknown as FittingOf<Name>
}

/** The choice of a fitting by its name, or of any of several. */
type FittingOf<Name extends FittingName> = Extract<FittingChoice, { readonly name: Name }>

/** What a placed fitting is called in lists. */
export function fittingLabel(choice: FittingChoice): string {
  const kind = fittings.get(choice.name)
  return kind.label?.(choice) || kind.title
}

/** Whether a placed fitting tells how often entries were read. */
export function showsReads(choice: FittingChoice): boolean {
  return fittings.get(choice.name).showsReads?.(choice) === true
}

/** Whether visitors turn a placed fitting, as a calendar. */
export function turnsBy(choice: FittingChoice): boolean {
  return fittings.get(choice.name).turns === true
}

const unknownFitting = mixed().test(
  'known',
  `A fitting is one of: ${fittings.names.join(', ')}.`,
  () => false,
)

/** Checks a fitting by the schema of its name. */
export const fittingSchema = lazy((value: unknown) => {
  const name: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'name') : null
  return fittings.find(name)?.schema ?? unknownFitting
}) as unknown as Schema<FittingChoice>
