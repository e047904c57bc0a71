import { array, string } from 'yup'
import type { ChoiceSettings } from '../../content/fields/choice'
import { yesNo } from '../../content/fields/yes-no'
import type { YesNoSettings } from '../../content/fields/yes-no'
import { andList, orList } from '../../words'
import type { KnownField, Words } from '../../words'
import { keysOf } from '../columns'
import type { PlanContext } from '../context'
import { broken, unfinished } from '../define'
import type { RuleTrouble } from '../define'
import type { Predicate } from '../predicate'
import { defineQuestion, questionSchema, withField } from './define'

/** Has any, all or none of some values. */
export interface ChosenQuestion<Is extends 'any' | 'all' | 'none' = 'any' | 'all' | 'none'> {
  readonly is: Is
  /** As the field type's `keys` gives them. */
  readonly values: readonly string[]
}

const schema = questionSchema({
  values: array(string().max(600).required()).max(200, 'Choose at most 200.').required(),
})

export const any = defineQuestion<'any', ChosenQuestion<'any'>>({
  name: 'any',
  schema,
  fresh: () => ({ is: 'any', values: [] }),
  phrase(question, known, words) {
    const [one, ...others] = question.values
    if (one !== undefined && others.length === 0 && known.type === 'yes-no') return eitherPhrase(one, known)
    return withField(known, one === undefined ? 'anything' : orList(names(question, known), words.locale))
  },
  trouble: troubleOf,
  predicate: ({ values }, known, context) => anyOf(values, known, context),
})

export const all = defineQuestion<'all', ChosenQuestion<'all'>>({
  name: 'all',
  schema,
  fresh: () => ({ is: 'all', values: [] }),
  phrase: (question, known, words) => withField(known, andList(names(question, known), words.locale)),
  trouble: troubleOf,
  predicate: ({ values }, known, context) => ({
    test: 'all',
    of: values.map((one) => anyOf([one], known, context)),
  }),
})

export const none = defineQuestion<'none', ChosenQuestion<'none'>>({
  name: 'none',
  schema,
  fresh: () => ({ is: 'none', values: [] }),
  phrase: (question, known, words) => withField(known, `not ${orList(names(question, known), words.locale)}`),
  trouble: troubleOf,
  predicate: ({ values }, known, context) => ({ test: 'not', of: anyOf(values, known, context) }),
})

function anyOf(values: readonly string[], known: KnownField, context: PlanContext): Predicate {
  return { test: 'anyKey', keys: values.flatMap((one) => keysOf(known, one, context)) }
}

function troubleOf({ values }: ChosenQuestion, known: KnownField, _: Words): RuleTrouble | null {
  if (values.length === 0) return unfinished('Choose at least one.')
  if (known.type !== 'choice') return null
  const { options } = known.settings as ChoiceSettings
  const gone = values.filter((value) => options.every((option) => option.key !== value))
  return gone.length === values.length
    ? broken('What this rule chooses is no longer one of the choices. Choose anew.')
    : null
}

function names({ values }: ChosenQuestion, known: KnownField): readonly string[] {
  return values.map((one) => valueName(known, one))
}

/** Yes or no, by words of its own where it has some: “in stock”, and not “with in stock In stock”. */
function eitherPhrase(key: string, known: KnownField): string {
  const word = valueName(known, key)
  const plain = yesNo.defaults[key === 'yes' ? 'yes' : 'no']
  if (word !== plain) return word.toLowerCase()
  return `${key === 'yes' ? 'with' : 'without'} ${known.name.toLowerCase()}`
}

/** A key of a field in words: a choice by its name, yes and no by theirs, an entry by its number. */
function valueName(known: KnownField, key: string): string {
  if (known.type === 'choice')
    return (
      (known.settings as ChoiceSettings).options.find((option) => option.key === key)?.title ??
      'a choice that is gone'
    )
  if (known.type === 'yes-no') return (known.settings as YesNoSettings)[key === 'yes' ? 'yes' : 'no']
  if (known.type === 'reference') return `entry ${key}`
  return key
}
