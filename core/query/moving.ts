import type { Listing } from '../listing/definition'
import { nextMidnight } from '../time/windows'
import type { Words } from '../words'
import { movesByClock } from '../rules/asking'
import { columnOf } from '../rules/columns'
import type { FieldColumn } from '../rules/predicate'
import { asksWhen, choosesByWhen } from '../listing/asks-when'
import { shapeOf } from '../shapes'
import { ruleTree } from '../rules/rule-tree'
import { fieldsAsked } from '../rules/field'

/** What of a listing moves with the clock alone, besides entries that appear and expire. */
export interface Movement {
  /** The next instant at which days, weeks or shuffles turn over; null when nothing of it does. */
  readonly turnsAt: number | null
  /** Fields whose instants the clock passes: “yet to come”, “in the past”. */
  readonly passes: readonly FieldColumn[]
  /** Whether the clock passes what happens: its beginnings and ends. */
  readonly occurrences: boolean
}

/** How a listing moves with the clock at `now` (epoch milliseconds). */
export function movementOf(listing: Listing, now: number, words: Words): Movement {
  const { from, order } = listing
  // A calendar shows the month of today.
  const isTurned = shapeOf(listing.shape).isOfWhen === 'every date'
  const moving = ruleTree(from.rules).filter(({ rule }) => movesByClock(rule))
  const daily = order.keys.some(
    (key) => (key.by === 'views' && key.days !== undefined) || (key.by === 'shuffle' && key.span === 'day'),
  )
  const passes = moving.flatMap(({ rule }) => {
    if (rule.rule !== 'field') return []
    return fieldsAsked(rule).flatMap((id) => {
      const field = words.field(id)
      return field?.type === 'date-time' ? [columnOf(field, { words, collections: from.collections })] : []
    })
  })
  return {
    turnsAt: moving.length > 0 || daily || isTurned ? nextMidnight(now, words.zone) : null,
    passes,
    // Beginnings and ends change nothing of a calendar but by a rule.
    occurrences: isTurned ? choosesByWhen(listing) : asksWhen(listing),
  }
}
