import { mixed } from 'yup'
import { fieldTypes } from '../../content/fields'
import type { KnownField, Words } from '../../words'
import { columnOf, keysOf } from '../columns'
import { broken, unfinished } from '../define'
import type { Predicate } from '../predicate'
import { defineQuestion, questionSchema, withField } from './define'

/** Lies between limits, both included and of the field's own form; null is no limit. */
export interface BetweenQuestion {
  readonly is: 'between'
  readonly from: unknown
  readonly to: unknown
}

export const between = defineQuestion<'between', BetweenQuestion>({
  name: 'between',
  schema: questionSchema({ from: mixed().nullable().defined(), to: mixed().nullable().defined() }),
  fresh: () => ({ is: 'between', from: null, to: null }),
  phrase: (question, known, words) => withField(known, limitsPhrase(question, known, words)),
  trouble(question, known) {
    const limits = [question.from, question.to].map((value) => limitOf(value, known))
    if (limits.includes(undefined))
      return broken(`“${known.name}” is of another type now. Give the limits anew.`)
    const [from = null, to = null] = limits
    if (from === null && to === null) return unfinished('Give a least, a most, or both.')
    if (from === null || to === null) return null
    if (from.within !== to.within)
      return broken(
        `The least is in ${String(from.within)}, the most in ${String(to.within)}. Give both in one.`,
      )
    return from.number > to.number ? broken('The least is more than the most. Swap them.') : null
  },
  predicate(question, known, context) {
    const [from, to] = [limitOf(question.from, known) ?? null, limitOf(question.to, known) ?? null]
    const range: Predicate = {
      test: 'between',
      value: columnOf(known, context),
      from: from?.number ?? null,
      to: to?.number ?? null,
      before: null,
    }
    const within = from?.within ?? to?.within ?? null
    return within === null
      ? range
      : { test: 'all', of: [range, { test: 'anyKey', keys: keysOf(known, within, context) }] }
  },
})

function limitsPhrase({ from, to }: BetweenQuestion, known: KnownField, words: Words): string {
  const said = (value: unknown) => fieldTypes.get(known.type).format(value, known.settings, words)
  if (limitOf(from, known) === undefined || limitOf(to, known) === undefined)
    return 'within limits that make no sense'
  if (from === null) return to === null ? 'of any size' : `at most ${said(to)}`
  return to === null ? `at least ${said(from)}` : `from ${said(from)} to ${said(to)}`
}

/** A limit as it is compared. */
interface Limit {
  readonly number: number
  /** The key that values must share to be compared with it; null where all can be. */
  readonly within: string | null
}

/** A limit of a range; null for none, undefined for what is no value of the field. */
function limitOf(value: unknown, known: KnownField): Limit | null | undefined {
  if (value === null) return null
  const type = fieldTypes.get(known.type)
  const parsed = type.parseLimit?.(value) ?? type.parse(value, known.settings)
  const number = parsed.ok ? type.sortKey?.(parsed.value, known.settings) : undefined
  if (!parsed.ok || typeof number !== 'number') return undefined
  return { number, within: type.comparedWithin?.(parsed.value) ?? null }
}
