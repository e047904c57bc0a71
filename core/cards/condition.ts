import { lazy, mixed, object, string } from 'yup'
import type { Schema } from 'yup'
import { idSchema } from '../schemas'
import type { Words } from '../words'
import { valueOf } from './card-entry'
import type { CardContext, CardEntry } from './card-entry'

/** What must be true of an entry for a part to be shown. */
export type Condition =
  | { readonly if: 'picture' | 'no-picture' | 'pinned' | 'summary' }
  | { readonly if: 'term'; readonly term: number }
  | { readonly if: 'field' | 'no-field'; readonly field: number }

const ofItself = (name: 'picture' | 'no-picture' | 'pinned' | 'summary') =>
  object({ if: string().oneOf([name]).required() })
    .noUnknown()
    .required()
const ofField = (name: 'field' | 'no-field') =>
  object({ if: string().oneOf([name]).required(), field: idSchema().required() })
    .noUnknown()
    .required()
const schemas: Record<Condition['if'], Schema<unknown>> = {
  picture: ofItself('picture'),
  'no-picture': ofItself('no-picture'),
  pinned: ofItself('pinned'),
  summary: ofItself('summary'),
  term: object({ if: string().oneOf(['term']).required(), term: idSchema().required() })
    .noUnknown()
    .required(),
  field: ofField('field'),
  'no-field': ofField('no-field'),
}

export const conditionNames = Object.keys(schemas) as readonly Condition['if'][]

/** Checks a condition, which may be left out. */
export const conditionSchema = lazy((value: unknown) => {
  if (value === undefined) return mixed()
  const name: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'if') : null
  return typeof name === 'string' && Object.hasOwn(schemas, name)
    ? schemas[name as Condition['if']]
    : mixed().test('known', `A condition is one of: ${conditionNames.join(', ')}.`, () => false)
}) as unknown as Schema<Condition | undefined>

/** Whether an entry meets a condition. */
export function meets(
  entry: CardEntry,
  condition: Condition,
  context: Pick<CardContext, 'field' | 'termNow'>,
): boolean {
  switch (condition.if) {
    case 'picture':
      return entry.picture !== null
    case 'no-picture':
      return entry.picture === null
    case 'pinned':
      return entry.pinned
    case 'summary':
      return entry.summary !== ''
    case 'term':
      return entry.within.includes(context.termNow(condition.term))
    case 'field':
      return valueOf(entry, condition.field, context) !== null
    case 'no-field':
      return valueOf(entry, condition.field, context) === null
  }
}

/** A condition in words: “with a price”. */
export function conditionPhrase(condition: Condition, words: Words): string {
  switch (condition.if) {
    case 'picture':
      return 'with a picture'
    case 'no-picture':
      return 'without a picture'
    case 'pinned':
      return 'pinned'
    case 'summary':
      return 'with a summary'
    case 'term':
      return `in ${words.term(condition.term) ?? 'a term that is gone'}`
    case 'field':
    case 'no-field':
      return `${condition.if === 'field' ? 'with' : 'without'} ${words.field(condition.field)?.name ?? 'a field that is gone'}`
  }
}
