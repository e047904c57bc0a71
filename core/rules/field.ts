import { array, boolean, lazy, mixed, object, string } from 'yup'
import type { Schema } from 'yup'
import { idOrLaterSchema } from '../schemas'
import { exactText, hasValue, longestAsked } from '../content/field'
import { fieldTypes } from '../content/fields'
import type { ChoiceSettings } from '../content/fields/choice'
import type { FilterKind } from '../content/fields/define'
import { yesNo } from '../content/fields/yes-no'
import type { YesNoSettings } from '../content/fields/yes-no'
import { daysOf, instantsOf, moves } from '../time/windows'
import type { DateWindow, InstantRange } from '../time/windows'
import { folded } from '../text/folding'
import { andList, orList } from '../words'
import type { KnownField, Words } from '../words'
import { columnOf, keysOf } from './columns'
import type { PlanContext } from './context'
import { nothing } from './predicate'
import type { FieldColumn, Predicate, TextMatch } from './predicate'
import { windowFault, windowPhrase, windowSchema } from './window'
import { broken, defineRule, unfinished } from './define'
import type { RuleBase, RuleTrouble } from './define'

/** What is asked of a field. Values are of the field's own form. */
export type Asked =
  | {
      readonly is: 'any' | 'all' | 'none'
      /** As the field type's `keys` gives them. */ readonly values: readonly string[]
    }
  | { readonly is: 'between'; readonly from: unknown; readonly to: unknown }
  | { readonly is: 'within'; readonly window: DateWindow }
  /** Has begun, and not ended by another field of moments or days; 0 until that is chosen. */
  | { readonly is: 'running'; readonly until: number }
  | {
      readonly is: TextMatch
      readonly text: string
      /** “Is exactly”: letters may differ in case and accents. */ readonly loose?: boolean
    }
  | { readonly is: 'present' }
  | { readonly is: 'absent' }
export type Operator = Asked['is']

/** Entries by a field of theirs. */
export interface FieldRule extends RuleBase {
  readonly rule: 'field'
  readonly field: number
  readonly asked: Asked
}

/** What can be asked of a field, by how its type can be narrowed. */
export const operators: Record<FilterKind, readonly Operator[]> = {
  key: ['any', 'all', 'none', 'present', 'absent'],
  number: ['between', 'present', 'absent'],
  day: ['within', 'running', 'present', 'absent'],
  instant: ['within', 'running', 'present', 'absent'],
  text: ['contains', 'begins', 'equal', 'present', 'absent'],
  presence: ['present', 'absent'],
}

const is = string().required()
const listSchema = object({
  is,
  values: array(string().max(600).required()).max(200, 'Choose at most 200.').required(),
})
  .noUnknown()
  .required()
const textSchema = object({
  is,
  text: string().defined().max(longestAsked, `Keep the text within ${longestAsked} characters.`),
  loose: boolean(),
})
  .noUnknown()
  .required()
const bareSchema = object({ is }).noUnknown().required()
const askedSchemas: Record<Operator, Schema<unknown>> = {
  any: listSchema,
  all: listSchema,
  none: listSchema,
  between: object({ is, from: mixed().nullable().defined(), to: mixed().nullable().defined() })
    .noUnknown()
    .required(),
  within: object({ is, window: windowSchema }).noUnknown().required(),
  running: object({ is, until: idOrLaterSchema().required() }).noUnknown().required(),
  equal: textSchema,
  begins: textSchema,
  contains: textSchema,
  present: bareSchema,
  absent: bareSchema,
}
const unknownAsked = mixed().test(
  'known',
  `A field is asked for one of: ${Object.keys(askedSchemas).join(', ')}.`,
  () => false,
)
const askedSchema = lazy((value: unknown) => {
  const operator: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
  return typeof operator === 'string' && Object.hasOwn(askedSchemas, operator)
    ? askedSchemas[operator as Operator]
    : unknownAsked
}) as unknown as Schema<Asked>

/** What a new rule on a field asks, before anything is chosen. */
export function freshAsked(operator: Operator): Asked {
  if (operator === 'any' || operator === 'all' || operator === 'none') return { is: operator, values: [] }
  if (operator === 'between') return { is: operator, from: null, to: null }
  if (operator === 'within') return { is: operator, window: { is: 'upcoming' } }
  if (operator === 'running') return { is: operator, until: 0 }
  if (operator === 'present' || operator === 'absent') return { is: operator }
  return { is: operator, text: '' }
}

export const field = defineRule<'field', FieldRule>({
  name: 'field',
  title: 'Field',
  schema: object({
    rule: string<'field'>().oneOf(['field']).required(),
    off: boolean(),
    field: idOrLaterSchema().required(),
    asked: askedSchema,
  })
    .noUnknown()
    .required() as never,
  fresh: () => ({ rule: 'field', field: 0, asked: { is: 'present' } }),
  phrase(rule, words) {
    const known = words.field(rule.field)
    if (known === undefined) return 'by a field that is gone'
    return askedPhrase(rule.asked, known, words)
  },
  trouble(rule, words) {
    const known = words.field(rule.field)
    if (known === undefined)
      return broken('The field of this rule was deleted. Remove the rule, or bring the field back.')
    if (!known.filterable)
      return broken(`Listings may not filter by “${known.name}”. Allow it where the collection is set up.`)
    if (!operators[fieldTypes.get(known.type).filter].includes(rule.asked.is))
      return broken(`“${known.name}” is of another type now, and this can’t be asked of it. Choose anew.`)
    return askedTrouble(rule.asked, known, words)
  },
  predicate(rule, context) {
    const known = context.words.field(rule.field)
    return known === undefined ? nothing : askedPredicate(rule.asked, known, context)
  },
  moves: ({ asked }) => asked.is === 'running' || (asked.is === 'within' && moves(asked.window)),
})

function askedTrouble(asked: Asked, known: KnownField, words: Words): RuleTrouble | null {
  switch (asked.is) {
    case 'any':
    case 'all':
    case 'none':
      return asked.values.length === 0 ? unfinished('Choose at least one.') : strayValue(asked.values, known)
    case 'between': {
      const limits = [asked.from, asked.to].map((value) => limitOf(value, known))
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
    }
    case 'within': {
      const fault = windowFault(asked.window)
      return fault === null ? null : broken(fault)
    }
    case 'running': {
      if (asked.until === 0) return unfinished('Choose the field that says when it ends.')
      const end = words.field(asked.until)
      if (end === undefined) return broken('The field that says when it ends was deleted. Choose another.')
      return end.filterable && isMoment(end)
        ? null
        : broken(
            `“${end.name}” does not say when something ends, or listings may not filter by it. Choose another.`,
          )
    }
    case 'equal':
    case 'begins':
    case 'contains':
      return folded(asked.text, words.locale) === '' ? unfinished('Type the text to look for.') : null
    case 'present':
    case 'absent':
      return null
  }
}

/** The fields that a rule asks, its own first. */
export function fieldsAsked({ field, asked }: FieldRule): readonly number[] {
  return asked.is === 'running' ? [field, asked.until] : [field]
}

/** Whether a field holds days or moments. */
export function isMoment(known: Pick<KnownField, 'type'>): boolean {
  return ['day', 'instant'].includes(fieldTypes.get(known.type).filter)
}

function strayValue(values: readonly string[], known: KnownField): RuleTrouble | null {
  if (known.type !== 'choice') return null
  const { options } = known.settings as ChoiceSettings
  const gone = values.filter((value) => options.every((option) => option.key !== value))
  return gone.length === values.length
    ? broken('What this rule chooses is no longer one of the choices. Choose anew.')
    : null
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

function askedPredicate(asked: Asked, known: KnownField, context: PlanContext): Predicate {
  const value = columnOf(known, context)
  switch (asked.is) {
    case 'any':
      return { test: 'anyKey', keys: asked.values.flatMap((one) => keysOf(known, one, context)) }
    case 'all':
      return {
        test: 'all',
        of: asked.values.map((one) => ({ test: 'anyKey', keys: keysOf(known, one, context) })),
      }
    case 'none':
      return {
        test: 'not',
        of: { test: 'anyKey', keys: asked.values.flatMap((one) => keysOf(known, one, context)) },
      }
    case 'between':
      return rangePredicate(
        value,
        limitOf(asked.from, known) ?? null,
        limitOf(asked.to, known) ?? null,
        (within) => keysOf(known, within, context),
      )
    case 'within': {
      const range = rangeOf(known, asked.window, context)
      return { test: 'between', value, from: seconds(range.from), to: null, before: seconds(range.before) }
    }
    case 'running': {
      const end = context.words.field(asked.until)
      if (end === undefined) return nothing
      // A day counts to its end: what began today has begun, and what ends today has not ended.
      const [today, tomorrow] = [
        rangeOf(end, { is: 'this', unit: 'day' }, context).from,
        rangeOf(known, { is: 'this', unit: 'day' }, context).before,
      ]
      const begun = isDay(known) ? tomorrow : context.now + 1
      const going = isDay(end) ? today : context.now + 1
      return {
        test: 'all',
        of: [
          { test: 'between', value, from: null, to: null, before: seconds(begun) },
          { test: 'between', value: columnOf(end, context), from: seconds(going), to: null, before: null },
        ],
      }
    }
    case 'equal':
    case 'begins':
    case 'contains':
      if (asked.is === 'equal' && asked.loose !== true)
        return { test: 'text', value, how: asked.is, form: 'exact', text: exactText(asked.text) }
      return {
        test: 'text',
        value,
        how: asked.is,
        form: 'folded',
        text: folded(asked.text, context.words.locale),
      }
    case 'present':
      return { test: 'anyKey', keys: keysOf(known, hasValue, context) }
    case 'absent':
      return { test: 'not', of: { test: 'anyKey', keys: keysOf(known, hasValue, context) } }
  }
}

function rangePredicate(
  value: FieldColumn,
  from: Limit | null,
  to: Limit | null,
  keys: (within: string) => readonly number[],
): Predicate {
  const range: Predicate = {
    test: 'between',
    value,
    from: from?.number ?? null,
    to: to?.number ?? null,
    before: null,
  }
  const within = from?.within ?? to?.within ?? null
  return within === null ? range : { test: 'all', of: [range, { test: 'anyKey', keys: keys(within) }] }
}

function isDay(known: KnownField): boolean {
  return fieldTypes.get(known.type).filter === 'day'
}

function rangeOf(
  known: KnownField,
  window: DateWindow,
  { now, words: { zone, locale } }: PlanContext,
): InstantRange {
  return (isDay(known) ? daysOf : instantsOf)(window, { now, zone, locale })
}

function seconds(instant: number | null): number | null {
  return instant === null ? null : instant / 1000
}

function askedPhrase(asked: Asked, known: KnownField, words: Words): string {
  const name = known.name.toLowerCase()
  if (asked.is === 'absent') return `without ${name}`
  if (asked.is === 'running' && asked.until === 0) return `running now, from ${name}`
  if (asked.is === 'running')
    return `running now, from ${name} to ${words.field(asked.until)?.name.toLowerCase() ?? 'a field that is gone'}`
  const [one, ...others] = asked.is === 'any' ? asked.values : []
  if (one !== undefined && others.length === 0 && known.type === 'yes-no') return eitherPhrase(one, known)
  return `with ${name} ${valuePhrase(asked, known, words)}`
}

/** Yes or no, by words of its own where it has some: “in stock”, and not “with in stock In stock”. */
function eitherPhrase(key: string, known: KnownField): string {
  const word = valueName(known, key)
  const plain = yesNo.defaults[key === 'yes' ? 'yes' : 'no']
  if (word !== plain) return word.toLowerCase()
  return `${key === 'yes' ? 'with' : 'without'} ${known.name.toLowerCase()}`
}

function valuePhrase(
  asked: Exclude<Asked, { is: 'absent' | 'running' }>,
  known: KnownField,
  words: Words,
): string {
  const said = (value: unknown) => fieldTypes.get(known.type).format(value, known.settings, words)
  switch (asked.is) {
    case 'any':
      return asked.values.length === 0
        ? 'anything'
        : orList(
            asked.values.map((one) => valueName(known, one)),
            words.locale,
          )
    case 'all':
      return andList(
        asked.values.map((one) => valueName(known, one)),
        words.locale,
      )
    case 'none':
      return `not ${orList(
        asked.values.map((one) => valueName(known, one)),
        words.locale,
      )}`
    case 'between': {
      if (limitOf(asked.from, known) === undefined || limitOf(asked.to, known) === undefined)
        return 'within limits that make no sense'
      if (asked.from === null) return asked.to === null ? 'of any size' : `at most ${said(asked.to)}`
      return asked.to === null
        ? `at least ${said(asked.from)}`
        : `from ${said(asked.from)} to ${said(asked.to)}`
    }
    case 'within':
      return windowPhrase(asked.window, words.locale)
    case 'equal':
      return asked.loose === true ? `“${asked.text}” in any case` : `“${asked.text}”`
    case 'begins':
      return `beginning with “${asked.text}”`
    case 'contains':
      return `containing “${asked.text}”`
    case 'present':
      return 'given'
  }
}

/** A key of a field in words: a choice by its name, yes and no by theirs, an entry by its number. */
export function valueName(known: KnownField, key: string): string {
  if (known.type === 'choice')
    return (
      (known.settings as ChoiceSettings).options.find((option) => option.key === key)?.title ??
      'a choice that is gone'
    )
  if (known.type === 'yes-no') return (known.settings as YesNoSettings)[key === 'yes' ? 'yes' : 'no']
  if (known.type === 'reference') return `entry ${key}`
  return key
}
