import { boolean, lazy, object, string } from 'yup'
import { instantsOf, moves } from '../time/windows'
import type { DateWindow } from '../time/windows'
import type { Words } from '../words'
import { windowFault, windowPhrase, windowSchema } from './window'
import { broken, defineRule } from './define'
import type { RuleBase } from './define'
import { nothing } from './predicate'
import type { Predicate } from './predicate'

/** How an occurrence lies to now, where no stretch of time is asked for. */
export const whenStates = ['toCome', 'running', 'notOver', 'over'] as const
export type WhenState = (typeof whenStates)[number]

/** Entries by when they happen: how that lies to now, or within a stretch of time. */
export interface WhenRule extends RuleBase {
  readonly rule: 'when'
  readonly asked:
    | { readonly is: WhenState }
    /** Happens at any time of it. */
    | { readonly is: 'within'; readonly window: DateWindow }
}

const statePhrases: Record<WhenState, string> = {
  toCome: 'still to come',
  running: 'going on now',
  notOver: 'to come or going on',
  over: 'that are over',
}

const is = string<WhenRule['asked']['is']>()
  .oneOf([...whenStates, 'within'], 'Entries are to come, going on, over, or happen within a time.')
  .required()
const inState = object({ is }).noUnknown().required()
const withinWindow = object({ is, window: windowSchema }).noUnknown().required()
const asked = lazy((value: unknown) =>
  typeof value === 'object' && value !== null && Reflect.get(value, 'is') === 'within'
    ? withinWindow
    : inState,
)

/** What happens within `from` and `before`: it begins before the end, and is not over at the beginning. */
export function overlapping(from: number | null, before: number | null): Predicate {
  const begins: Predicate = { test: 'between', value: 'startsAt', from: null, to: null, before }
  if (from === null) return begins
  return {
    test: 'all',
    of: [
      begins,
      {
        test: 'any',
        of: [
          { test: 'between', value: 'endsAt', from: from + 1, to: null, before: null },
          // A moment is over as it begins.
          { test: 'between', value: 'startsAt', from, to: null, before: null },
        ],
      },
    ],
  }
}

function statePredicate(state: WhenState, now: number): Predicate {
  const to = now + 1
  switch (state) {
    case 'toCome':
      return { test: 'between', value: 'startsAt', from: to, to: null, before: null }
    case 'notOver':
      return { test: 'between', value: 'endsAt', from: to, to: null, before: null }
    case 'over':
      return { test: 'between', value: 'endsAt', from: null, to: null, before: to }
    case 'running':
      return {
        test: 'all',
        of: [
          { test: 'between', value: 'startsAt', from: null, to: null, before: to },
          { test: 'between', value: 'endsAt', from: to, to: null, before: null },
        ],
      }
  }
}

export const when = defineRule<'when', WhenRule>({
  name: 'when',
  title: 'When they happen',
  schema: object({ rule: string<'when'>().oneOf(['when']).required(), off: boolean(), asked })
    .noUnknown()
    .required() as never,
  fresh: () => ({ rule: 'when', asked: { is: 'toCome' } }),
  phrase: ({ asked: given }, words) =>
    given.is === 'within' ? `happening ${inWindow(given.window, words)}` : statePhrases[given.is],
  trouble({ asked: given }) {
    const fault = given.is === 'within' ? windowFault(given.window) : null
    return fault === null ? null : broken(fault)
  },
  predicate({ asked: given }, { now, words }) {
    if (given.is !== 'within') return statePredicate(given.is, now)
    const { from, before } = instantsOf(given.window, { now, zone: words.zone, locale: words.locale })
    return from !== null && before !== null && from >= before ? nothing : overlapping(from, before)
  },
  moves: ({ asked: given }) => given.is !== 'within' || moves(given.window),
})

function inWindow(window: DateWindow, { locale }: Words): string {
  const said = windowPhrase(window, locale)
  return window.is === 'last' || window.is === 'next' ? `in the ${said}` : said
}
