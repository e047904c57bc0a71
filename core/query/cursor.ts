import { earliestInstant, latestInstant } from '../content/fields/date-time'
import { isStorable } from '../storable'
import type { Plan, PlanKey } from './plan'
import type { Position } from './position'
import type { RowKey } from '../content/row'

/** Where a page of a longer listing begins: after a row, with so many shown before. */
export interface Cursor extends RowKey {
  readonly before: number
  /** Where the row stood when the page before was shown; null where that is too long to say. */
  readonly position: Position | null
}

/** Longer ones do not fit an address beside everything else that stands in it. */
const longestText = 1500

/** A cursor as it stands in an address. */
export function cursorText({
  position,
  before,
}: {
  readonly position: Position
  readonly before: number
}): string {
  const { id, at, values } = position
  const row = at === null ? id : [id, at]
  const text = JSON.stringify([before, row, ...values])
  return text.length <= longestText ? text : JSON.stringify([before, row])
}

/** Reads a cursor of this plan's order; null for anything else, as an address of an earlier order. */
export function readCursor(text: string, plan: Pick<Plan, 'order'>): Cursor | null {
  const [before, row, ...values] = listOf(text)
  const key = rowKeyOf(row)
  if (!isCount(before) || key === null) return null
  if (values.length === 0) return { before, ...key, position: null }
  if (values.length !== plan.order.length) return null
  const known = plan.order.flatMap((key, at) => {
    const value = values[at]
    return isValueOf(key, value) ? [value] : []
  })
  return known.length === values.length ? { before, ...key, position: { ...key, values: known } } : null
}

function rowKeyOf(value: unknown): RowKey | null {
  const [id, at]: readonly unknown[] = Array.isArray(value) ? value : [value, null]
  if (!isCount(id)) return null
  if (at === null) return { id, at }
  return isInstant(at) ? { id, at } : null
}

function isInstant(value: unknown): value is number {
  return Number.isInteger(value) && Number(value) >= earliestInstant && Number(value) <= latestInstant
}

function listOf(text: string): readonly unknown[] {
  if (text.length > longestText) return []
  try {
    const list: unknown = JSON.parse(text)
    return Array.isArray(list) ? list : []
  } catch {
    return []
  }
}

function isCount(value: unknown): value is number {
  return typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= 2_147_483_647
}

function isValueOf(key: PlanKey, value: unknown): value is number | string | null {
  if (value === null) return true
  if (key.by === 'title' || (key.by === 'field' && key.sort === 'text'))
    return typeof value === 'string' && isStorable(value)
  if (typeof value !== 'number' || !Number.isFinite(value)) return false
  if (key.by === 'publishedAt' || key.by === 'startsAt') return isInstant(value)
  return key.by === 'field' || key.by === 'rating' || Number.isSafeInteger(value)
}
