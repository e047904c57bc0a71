import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../../registry'
import type { Registry } from '../../registry'
import { between } from './between'
import type { BetweenQuestion } from './between'
import { all, any, none } from './chosen'
import type { ChosenQuestion } from './chosen'
import type { QuestionKind } from './define'
import { absent, present } from './presence'
import type { PresenceQuestion } from './presence'
import { running } from './running'
import type { RunningQuestion } from './running'
import { begins, contains, equal } from './text'
import type { TextQuestion } from './text'
import { within } from './within'
import type { WithinQuestion } from './within'

/** What is asked of a field. Values are of the field's own form. */
export type FieldQuestion =
  ChosenQuestion | BetweenQuestion | WithinQuestion | RunningQuestion | TextQuestion | PresenceQuestion
export type Operator = FieldQuestion['is']

/** A kind of question as the registry hands it out: callers pass questions of the kind's own name only. */
export type AnyQuestionKind = QuestionKind<Operator, FieldQuestion>

/** Everything that can be asked of a field. A new one is a file beside these and a line here. */
export const fieldQuestions: Registry<AnyQuestionKind> = registryOf('question', [
  any,
  all,
  none,
  between,
  within,
  running,
  equal,
  begins,
  contains,
  present,
  absent,
] as unknown as readonly AnyQuestionKind[])

/** What a new rule on a field asks, before anything is chosen. */
export function freshQuestion(operator: Operator): FieldQuestion {
  return fieldQuestions.get(operator).fresh()
}

/** Checks a question by the schema of its kind. */
export const fieldQuestionSchema = lazy((value: unknown) => {
  const is: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
  return fieldQuestions.find(is)?.schema ?? unknownQuestion
}) as unknown as Schema<FieldQuestion>

const unknownQuestion = mixed().test(
  'known',
  `A field is asked for one of: ${fieldQuestions.names.join(', ')}.`,
  () => false,
)
