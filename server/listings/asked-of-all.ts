import type { Plan } from '../../core/query/plan'

/** Whether a plan lets everything pass that visitors may see: it has no rules, or none that asks anything. */
export function isAskedOfAll(plan: Plan): boolean {
  return plan.steps.slice(1).every(({ asks }) => asks.test === 'all' && asks.of.length === 0)
}
