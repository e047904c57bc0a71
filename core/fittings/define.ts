import { object, string } from 'yup'
import type { ObjectShape, Schema } from 'yup'
import type { StyleTarget } from '../style/targets'

/** A small helper that is not a listing: what can be set, and how it is called. */
export interface FittingKind<Name extends string = string, Settings = never> {
  readonly name: Name
  readonly title: string
  /** What it is for, in a few words. */
  readonly about: string
  readonly schema: Schema<Settings & { readonly name: Name }>
  readonly defaults: Settings
  /** What of it can be styled, besides what stands around whatever is placed. */
  readonly styled: readonly StyleTarget[]
  /** What else can be as it is set. */
  readonly alsoStyled?: (settings: Settings) => readonly StyleTarget[]
  /** What one of them is called in lists, where it says something of its own. */
  readonly label?: (settings: Settings) => string
  /** What is set when it is placed beside listings of these collections, or else where there are these. */
  readonly begun?: (site: { readonly collections: readonly number[] }) => Partial<Settings>
  /** Whether what it shows may change with any entry of the site. */
  readonly showsEntries?: true
  /** Whether visitors turn it, as a calendar. */
  readonly turns?: true
  /** Whether it tells how often entries were read, which changes without them. */
  readonly showsReads?: (settings: Settings) => boolean
}

/** Checks the settings of a fitting. */
export function fittingSettings<const Name extends string>(name: Name, fields: ObjectShape) {
  return object({ name: string<Name>().oneOf([name]).required(), ...fields })
    .noUnknown()
    .required()
}

/** States a fitting with its exact types. */
export function defineFitting<const Name extends string, Settings extends object>(
  kind: Omit<FittingKind<Name, Settings>, 'schema'> & { readonly schema: Schema<unknown> },
): FittingKind<Name, Settings> {
  return kind as FittingKind<Name, Settings>
}
