import type { RecurrenceRule, RuleDay } from './rule'

/**
 * A rule as the text that follows `RRULE:` (RFC 5545, 3.3.10), by the names and in the order of that
 * section. `until` writes its end, which depends on how the event says when it begins.
 */
export function ruleText(
  rule: RecurrenceRule,
  until: (until: NonNullable<RecurrenceRule['until']>) => string,
): string {
  const list = (name: string, values: readonly number[]) =>
    values.length === 0 ? [] : [`${name}=${values.join(',')}`]
  return [
    `FREQ=${rule.frequency}`,
    ...(rule.until === null ? [] : [`UNTIL=${until(rule.until)}`]),
    ...(rule.count === null ? [] : [`COUNT=${rule.count}`]),
    ...(rule.interval === 1 ? [] : [`INTERVAL=${rule.interval}`]),
    ...list('BYSECOND', rule.seconds),
    ...list('BYMINUTE', rule.minutes),
    ...list('BYHOUR', rule.hours),
    ...(rule.days.length === 0 ? [] : [`BYDAY=${rule.days.map(dayText).join(',')}`]),
    ...list('BYMONTHDAY', rule.monthDays),
    ...list('BYYEARDAY', rule.yearDays),
    ...list('BYWEEKNO', rule.weekNumbers),
    ...list('BYMONTH', rule.months),
    ...list('BYSETPOS', rule.places),
    ...(rule.weekStart === 'MO' ? [] : [`WKST=${rule.weekStart}`]),
  ].join(';')
}

function dayText({ day, nth }: RuleDay): string {
  return `${nth ?? ''}${day}`
}
