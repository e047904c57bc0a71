import { number } from 'yup'
import { largestId, unstorable } from '../../schemas'
import { isStorable } from '../../storable'
import type { Parsed } from '../../parsing'
import { refusal } from './define'
import { numberFormat } from '../../formats/formatters'

/** A text of at most `most` characters (code points), on one line unless `lines` allows more. */
export function readText(input: unknown, most: number, lines: 'one' | 'many'): Parsed<string> {
  if (typeof input !== 'string') return refusal('This takes a text.')
  const text = lines === 'one' ? input.trim() : input.replace(/\r\n?/g, '\n').replace(/\s+$/u, '')
  if (text.trim() === '') return refusal('This is empty.')
  if (!isStorable(text)) return refusal(unstorable)
  if (lines === 'one' && /[\n\r\u2028\u2029]/.test(text)) return refusal('Keep this on one line.')
  const length = Array.from(text).length
  if (length > most)
    return refusal(
      `Keep this within ${most.toLocaleString('en')} characters; it has ${length.toLocaleString('en')}.`,
    )
  return { ok: true, value: text }
}

/** A finite number within limits, both included; null is no limit. */
export function readNumber(input: unknown, least: number | null, most: number | null): Parsed<number> {
  if (typeof input !== 'number' || !Number.isFinite(input)) return refusal('This takes a number.')
  if (least !== null && input < least) return refusal(`Use ${least} or more.`)
  if (most !== null && input > most) return refusal(`Use ${most} or less.`)
  return { ok: true, value: Object.is(input, -0) ? 0 : input }
}

/**
 * A number as people write it in a language: its grouping and decimal signs, or a plain one. Null
 * for none.
 */
export function numberFromText(text: string, locale: string): number | null {
  const parts = numberFormat(locale).formatToParts(-1234567.8)
  const sign = (type: string) => parts.find((part) => part.type === type)?.value
  const plain = text
    .trim()
    .replaceAll(sign('group') ?? ',', '')
    .replace(/[\s\u00a0\u202f]/g, '')
    .replace(sign('decimal') ?? '.', '.')
    .replace(/^\u2212/, '-')
  if (/^-?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i.test(plain)) return Number(plain)
  return /^-?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i.test(text.trim()) ? Number(text.trim()) : null
}

/** The id of something stored. */
export function readId(input: unknown, what: string): Parsed<number> {
  return typeof input === 'number' && Number.isInteger(input) && input > 0 && input <= largestId
    ? { ok: true, value: input }
    : refusal(`Choose ${what}.`)
}

/** Ids in order, each once. */
export function readIds(input: unknown, most: number, what: string): Parsed<readonly number[]> {
  if (!Array.isArray(input)) return refusal(`Choose ${what}.`)
  const ids: number[] = []
  for (const one of input as unknown[]) {
    const read = readId(one, what)
    if (!read.ok) return read
    if (!ids.includes(read.value)) ids.push(read.value)
  }
  if (ids.length === 0) return refusal(`Choose ${what}.`)
  return ids.length > most ? refusal(`Choose at most ${most}.`) : { ok: true, value: ids }
}

/** Ids written as `12, 15`. */
export function idsFromText(text: string): readonly number[] | null {
  const parts = text.split(/[,;\s]+/).filter((part) => part !== '')
  return parts.length > 0 && parts.every((part) => /^[1-9]\d{0,9}$/.test(part)) ? parts.map(Number) : null
}

/** The schema of a limit that may be absent. */
export function limitSchema(whole: boolean) {
  const limit = number().typeError('A limit is a number.').nullable().defined()
  return whole ? limit.integer('Use a whole number.') : limit
}
