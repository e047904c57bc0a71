import { moves } from '../../time/windows'
import type { DateWindow } from '../../time/windows'
import { columnOf } from '../columns'
import { broken } from '../define'
import { windowFault, windowPhrase, windowSchema } from '../window'
import { defineQuestion, questionSchema, withField } from './define'
import { rangeOf, seconds } from './moments'

/** Lies within a stretch of time: between two days, or one that moves with the clock. */
export interface WithinQuestion {
  readonly is: 'within'
  readonly window: DateWindow
}

export const within = defineQuestion<'within', WithinQuestion>({
  name: 'within',
  schema: questionSchema({ window: windowSchema }),
  fresh: () => ({ is: 'within', window: { is: 'upcoming' } }),
  phrase: ({ window }, known, words) => withField(known, windowPhrase(window, words.locale)),
  trouble({ window }) {
    const fault = windowFault(window)
    return fault === null ? null : broken(fault)
  },
  predicate({ window }, known, context) {
    const { from, before } = rangeOf(known, window, context)
    const value = columnOf(known, context)
    return { test: 'between', value, from: seconds(from), to: null, before: seconds(before) }
  },
  moves: ({ window }) => moves(window),
})
