import type { Schema } from 'yup'
import { ValidationError } from 'yup'

/** One thing wrong with a piece of input: where it is, what is wrong, and what to do about it. */
export interface Fault {
  /** Dotted path from the root of the input, `''` for the input as a whole. */
  readonly path: string
  readonly message: string
}

/** The outcome of reading input that may be wrong. */
export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] }

/**
 * Checks `input` against `schema` without converting anything: what comes out is what went in.
 * All faults are reported, not only the first.
 */
export function parseWith<T>(schema: Schema<T>, input: unknown): Parsed<T> {
  try {
    return {
      ok: true,
      value: schema.validateSync(input, { abortEarly: false, strict: true, disableStackTrace: true }),
    }
  } catch (error) {
    if (error instanceof ValidationError) return { ok: false, faults: validationFaults(error) }
    // A check of the whole may stumble over a part that has not the form it should: Yup runs both.
    if (error instanceof TypeError) return faulty('', 'This has not the form that is taken here.')
    throw error
  }
}

/** So many faults are told at most, each in so many characters: what is wrong, never all that was given. */
const mostFaults = 20
const longestWords = 300

/** The faults that Yup found. */
export function validationFaults(error: ValidationError): readonly Fault[] {
  const single = error.inner.length === 0 ? [error] : error.inner
  return single
    .slice(0, mostFaults)
    .map((one) => ({ path: shortened(one.path ?? ''), message: shortened(one.errors[0] ?? one.message) }))
}

function shortened(text: string): string {
  return text.length <= longestWords
    ? text
    : `${text.slice(0, longestWords).replace(/[\uD800-\uDBFF]$/, '')}…`
}

/** What is wrong in a parsed outcome; empty when nothing is. */
export function faultsOf(parsed: Parsed<unknown>): readonly Fault[] {
  return parsed.ok ? [] : parsed.faults
}

/** A parsed outcome of one fault. */
export function faulty(path: string, message: string): Parsed<never> {
  return { ok: false, faults: [{ path, message }] }
}
