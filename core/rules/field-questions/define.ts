import { object, string } from 'yup'
import type { ObjectShape, Schema } from 'yup'
import type { KnownField, Words } from '../../words'
import type { PlanContext } from '../context'
import type { RuleTrouble } from '../define'
import type { Predicate } from '../predicate'

/** Something that can be asked of a field: what can be set, how it reads, and what it asks of an entry. */
export interface QuestionKind<Is extends string = string, Question = never> {
  readonly name: Is
  readonly schema: Schema<Question>
  /** A new question of this kind, before anything is chosen. */
  readonly fresh: () => Question
  /** Its part of the sentence: “with price at most £3”. */
  readonly phrase: (question: Question, known: KnownField, words: Words) => string
  /** Why it can't be asked of the field, or null when it can. */
  readonly trouble?: (question: Question, known: KnownField, words: Words) => RuleTrouble | null
  /** What it asks; called only when there is no trouble with it. */
  readonly predicate: (question: Question, known: KnownField, context: PlanContext) => Predicate
  /** Whether what it asks changes by the clock alone. */
  readonly moves?: (question: Question) => boolean
  /** Fields that it asks besides the rule's own. */
  readonly alsoAsks?: (question: Question) => readonly number[]
}

/** States a kind of question with its exact types. */
export function defineQuestion<const Is extends string, Question extends { readonly is: Is }>(
  kind: QuestionKind<Is, Question>,
): QuestionKind<Is, Question> {
  return kind
}

/** Checks a question that has these settings besides what it is. */
export function questionSchema(fields: ObjectShape = {}) {
  return object({ is: string().required(), ...fields })
    .noUnknown()
    .required() as never
}

/** What a question says of a field, as the sentence has it. */
export function withField(known: KnownField, said: string): string {
  return `with ${known.name.toLowerCase()} ${said}`
}
