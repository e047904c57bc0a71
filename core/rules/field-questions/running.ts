import { idOrLaterSchema } from '../../schemas'
import { columnOf } from '../columns'
import { broken, unfinished } from '../define'
import { nothing } from '../predicate'
import { defineQuestion, questionSchema } from './define'
import { isDay, isMoment, rangeOf, seconds } from './moments'

/** Has begun, and not ended by another field of moments or days. */
export interface RunningQuestion {
  readonly is: 'running'
  /** That field; 0 until it is chosen. */
  readonly until: number
}

export const running = defineQuestion<'running', RunningQuestion>({
  name: 'running',
  schema: questionSchema({ until: idOrLaterSchema().required() }),
  fresh: () => ({ is: 'running', until: 0 }),
  phrase({ until }, known, words) {
    const begun = `running now, from ${known.name.toLowerCase()}`
    if (until === 0) return begun
    return `${begun} to ${words.field(until)?.name.toLowerCase() ?? 'a field that is gone'}`
  },
  trouble({ until }, _, words) {
    if (until === 0) return unfinished('Choose the field that says when it ends.')
    const end = words.field(until)
    if (end === undefined) return broken('The field that says when it ends was deleted. Choose another.')
    return end.filterable && isMoment(end)
      ? null
      : broken(
          `“${end.name}” does not say when something ends, or listings may not filter by it. Choose another.`,
        )
  },
  predicate({ until }, known, context) {
    const end = context.words.field(until)
    if (end === undefined) return nothing
    // A day counts to its end: what began today has begun, and what ends today has not ended.
    const [today, tomorrow] = [
      rangeOf(end, { is: 'this', unit: 'day' }, context).from,
      rangeOf(known, { is: 'this', unit: 'day' }, context).before,
    ]
    const begun = isDay(known) ? tomorrow : context.now + 1
    const going = isDay(end) ? today : context.now + 1
    const [start, stop] = [columnOf(known, context), columnOf(end, context)]
    return {
      test: 'all',
      of: [
        { test: 'between', value: start, from: null, to: null, before: seconds(begun) },
        { test: 'between', value: stop, from: seconds(going), to: null, before: null },
      ],
    }
  },
  moves: () => true,
  alsoAsks: ({ until }) => [until],
})
