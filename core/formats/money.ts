import type { Money } from '../content/fields/money'

/**
 * By which part of the old price the new one is lower, 0 to 1; null where it is not, or where the
 * currencies differ.
 */
export function savingOf(now: Money, before: Money): number | null {
  if (now.currency !== before.currency || now.amount >= before.amount || before.amount <= 0) return null
  return (before.amount - now.amount) / before.amount
}
