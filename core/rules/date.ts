import { boolean, object, string } from 'yup'
import { instantsOf, moves } from '../time/windows'
import type { DateWindow } from '../time/windows'
import { windowFault, windowPhrase, windowSchema } from './window'
import { broken, defineRule } from './define'
import type { RuleBase } from './define'

/** Entries published within a stretch of time. */
export interface DateRule extends RuleBase {
  readonly rule: 'date'
  readonly window: DateWindow
}

export const date = defineRule<'date', DateRule>({
  name: 'date',
  title: 'Published',
  schema: object({ rule: string<'date'>().oneOf(['date']).required(), off: boolean(), window: windowSchema })
    .noUnknown()
    .required() as never,
  fresh: () => ({ rule: 'date', window: { is: 'last', count: 90, unit: 'day' } }),
  phrase: (rule, { locale }) =>
    rule.window.is === 'between'
      ? `published ${windowPhrase(rule.window, locale)}`
      : windowPhrase(rule.window, locale),
  trouble(rule) {
    const fault = windowFault(rule.window)
    return fault === null ? null : broken(fault)
  },
  predicate(rule, { now, words }) {
    const range = instantsOf(rule.window, { now, zone: words.zone, locale: words.locale })
    return { test: 'between', value: 'publishedAt', from: range.from, to: null, before: range.before }
  },
  moves: (rule) => moves(rule.window),
})
