import { boolean, object, string } from 'yup'
import { fieldTypes } from '../content/fields'
import type { FilterKind } from '../content/fields/define'
import { idOrLaterSchema } from '../schemas'
import { broken, defineRule } from './define'
import type { RuleBase } from './define'
import { fieldQuestionSchema, fieldQuestions } from './field-questions'
import type { FieldQuestion, Operator } from './field-questions'
import { nothing } from './predicate'

/** Entries by a field of theirs. */
export interface FieldRule extends RuleBase {
  readonly rule: 'field'
  readonly field: number
  readonly asked: FieldQuestion
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

export const field = defineRule<'field', FieldRule>({
  name: 'field',
  title: 'Field',
  schema: object({
    rule: string<'field'>().oneOf(['field']).required(),
    off: boolean(),
    field: idOrLaterSchema().required(),
    asked: fieldQuestionSchema,
  })
    .noUnknown()
    .required() as never,
  fresh: () => ({ rule: 'field', field: 0, asked: { is: 'present' } }),
  phrase({ field, asked }, words) {
    const known = words.field(field)
    if (known === undefined) return 'by a field that is gone'
    return fieldQuestions.get(asked.is).phrase(asked, known, words)
  },
  trouble({ field, asked }, words) {
    const known = words.field(field)
    if (known === undefined)
      return broken('The field of this rule was deleted. Remove the rule, or bring the field back.')
    if (!known.filterable)
      return broken(`Listings may not filter by “${known.name}”. Allow it where the collection is set up.`)
    if (!operators[fieldTypes.get(known.type).filter].includes(asked.is))
      return broken(`“${known.name}” is of another type now, and this can’t be asked of it. Choose anew.`)
    return fieldQuestions.get(asked.is).trouble?.(asked, known, words) ?? null
  },
  predicate({ field, asked }, context) {
    const known = context.words.field(field)
    return known === undefined ? nothing : fieldQuestions.get(asked.is).predicate(asked, known, context)
  },
  moves: ({ asked }) => fieldQuestions.get(asked.is).moves?.(asked) ?? false,
})

/** The fields that a rule asks, its own first. */
export function fieldsAsked({ field, asked }: FieldRule): readonly number[] {
  return [field, ...(fieldQuestions.get(asked.is).alsoAsks?.(asked) ?? [])]
}
