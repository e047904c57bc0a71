import { number, object, string } from 'yup'
import { startOfDayBefore } from '../../time/zones'
import { counted } from '../../words'
import { defineRule } from './define'

/** Entries published on one of the last `days` days before today, or today. */
export interface PublishedWithinRule {
  readonly rule: 'published-within'
  /** Calendar days of the site's time zone, 1 to 36,525 (a hundred years). */
  readonly days: number
}

export const publishedWithin = defineRule<'published-within', PublishedWithinRule>({
  name: 'published-within',
  title: 'Published within',
  schema: object({
    rule: string<'published-within'>().oneOf(['published-within']).required(),
    days: number()
      .integer('Days are whole numbers.')
      .min(1, 'Use at least 1 day.')
      .max(36525, 'Use at most 36,525 days, a hundred years.')
      .required('Say how many days.'),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'published-within', days: 90 }),
  phrase: (rule) => (rule.days === 1 ? 'since yesterday' : `last ${counted(rule.days, 'day', 'days')}`),
  unfinished: () => null,
  predicate: (rule, context) => ({
    test: 'between',
    value: 'publishedAt',
    from: startOfDayBefore(context.now, rule.days, context.zone),
    to: null,
  }),
})
