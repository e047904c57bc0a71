import type { Schema } from 'yup'
import { faulty } from '../../parsing'
import type { Parsed } from '../../parsing'

/** Where and in which language a value is read and shown. */
export interface FieldPlace {
  /** BCP 47 language tag. */
  readonly locale: string
  /** IANA time zone. */
  readonly zone: string
}

/** Something outside the entry that a value points at. */
export interface FieldReference {
  readonly to: 'media' | 'entry'
  readonly id: number
}

/**
 * How entries can be narrowed by a field: by its keys; by where its sort key lies, which is a number,
 * a calendar day or an instant; by a part of its text; or only by whether it has a value.
 */
export type FilterKind = 'key' | 'number' | 'day' | 'instant' | 'text' | 'presence'

/** A kind of field: what can be set, what a value is, and how values are read, written and ordered. */
export interface FieldType<Name extends string = string, Settings = never, Value = never> {
  readonly name: Name
  readonly title: string
  /** What it is for, in a few words. */
  readonly about: string
  readonly settings: Schema<Settings>
  readonly defaults: Settings
  /**
   * Checks a value as a form or a program gives it. What comes out is what is stored, and is
   * accepted again unchanged. Paths of faults start inside the value.
   */
  readonly parse: (input: unknown, settings: Settings) => Parsed<Value>
  /** Reads a text, as a file or a field of another type gives it. */
  readonly read: (text: string, settings: Settings, place: FieldPlace) => Parsed<Value>
  /** The value as one text that `read` understands. */
  readonly write: (value: Value, settings: Settings, place: FieldPlace) => string
  /** The value for people. */
  readonly format: (value: Value, settings: Settings, place: FieldPlace) => string
  readonly filter: FilterKind
  /** What “is one of” may ask for; each is interned as an integer for the index. */
  readonly keys?: (value: Value) => readonly (string | number)[]
  /** The texts that “contains” looks in, each by itself. */
  readonly texts?: (value: Value) => readonly string[]
  /**
   * Reads the limit of a range: what may be asked for goes beyond what may be stored. As `parse`
   * where it is not said.
   */
  readonly parseLimit?: (input: unknown) => Parsed<Value>
  /** Values are only compared where they share this key, one of their `keys`: the currency of an amount. */
  readonly comparedWithin?: (value: Value) => string
  /**
   * The keys that values are put together by before they are ordered, the first one first; none
   * where all can be compared.
   */
  readonly orderedWithin?: (settings: Settings) => readonly string[]
  /** A number or text that orders as the values do; null where no order makes sense. */
  readonly sortKey: ((value: Value, settings: Settings) => number | string) | null
  /** Whether sort keys are numbers or texts. */
  readonly sort: 'number' | 'text' | null
  /** What its order is called, up and down; “lowest first” and “A to Z” where it is not said. */
  readonly orders?: (settings: Settings) => readonly [up: string, down: string]
  readonly refersTo?: (value: Value) => readonly FieldReference[]
}

/** A fault of the value as a whole. */
export function refusal(message: string): Parsed<never> {
  return faulty('', message)
}
