import type { Plan, PlanKey } from './plan'
import type { Position } from './position'

/** Where a page of a longer listing begins: after a position, with so many shown before it. */
export interface Cursor {
  readonly position: Position
  readonly before: number
}

/** A cursor as it stands in an address. */
export function cursorText({ position, before }: Cursor): string {
  return JSON.stringify([before, position.id, ...position.values])
}

/** Reads a cursor of this plan's order; null for anything else, as an address of an earlier order. */
export function readCursor(text: string, plan: Pick<Plan, 'order'>): Cursor | null {
  const [before, id, ...values] = listOf(text)
  if (!isCount(before) || !isCount(id) || values.length !== plan.order.length) return null
  const known = plan.order.flatMap((key, at) => {
    const value = values[at]
    return isValueOf(key, value) ? [value] : []
  })
  return known.length === values.length ? { before, position: { id, values: known } } : null
}

function listOf(text: string): readonly unknown[] {
  if (text.length > 2000) return []
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
  if (key.by === 'title' || (key.by === 'field' && key.sort === 'text')) return typeof value === 'string' && !value.includes('\0')
  if (typeof value !== 'number' || !Number.isFinite(value)) return false
  // The years 1 to 9999, which the database and its driver both can tell.
  if (key.by === 'publishedAt') return value > -62_135_596_800_000 && value < 253_402_300_800_000
  return key.by === 'field' || key.by === 'rating' || Number.isSafeInteger(value)
}
