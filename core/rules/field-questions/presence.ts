import { hasValue } from '../../content/field'
import type { KnownField } from '../../words'
import { keysOf } from '../columns'
import type { PlanContext } from '../context'
import type { Predicate } from '../predicate'
import { defineQuestion, questionSchema, withField } from './define'

/** Has a value, or none. */
export interface PresenceQuestion<Is extends 'present' | 'absent' = 'present' | 'absent'> {
  readonly is: Is
}

export const present = defineQuestion<'present', PresenceQuestion<'present'>>({
  name: 'present',
  schema: questionSchema(),
  fresh: () => ({ is: 'present' }),
  phrase: (_, known) => withField(known, 'given'),
  predicate: (_, known, context) => given(known, context),
})

export const absent = defineQuestion<'absent', PresenceQuestion<'absent'>>({
  name: 'absent',
  schema: questionSchema(),
  fresh: () => ({ is: 'absent' }),
  phrase: (_, known) => `without ${known.name.toLowerCase()}`,
  predicate: (_, known, context) => ({ test: 'not', of: given(known, context) }),
})

function given(known: KnownField, context: PlanContext): Predicate {
  return { test: 'anyKey', keys: keysOf(known, hasValue, context) }
}
