import { clockChanges, wallOf } from '../time/zones'
import type { ClockChange } from '../time/zones'
import { wallStamp } from './moments'

/**
 * A time zone as calendar files tell it (RFC 5545, 3.6.5): what its clock shows from one instant to
 * another (epoch milliseconds), every change by its own date.
 */
export function timeZoneLines(zone: string, from: number, to: number): readonly string[] {
  const first = wallOf(from, zone) - from
  const changes = clockChanges(zone, from, to)
  const least = Math.min(first, ...changes.map((one) => one.after))
  const observances = new Map<string, ClockChange[]>()
  for (const change of changes) {
    const kind = `${change.before} ${change.after}`
    observances.set(kind, [...(observances.get(kind) ?? []), change])
  }
  return [
    'BEGIN:VTIMEZONE',
    `TZID:${zone}`,
    ...observance(first > least, [{ at: from, before: first, after: first }]),
    ...[...observances.values()].flatMap((all) => observance((all[0]?.after ?? 0) > least, all)),
    'END:VTIMEZONE',
  ]
}

function observance(isSummer: boolean, changes: readonly ClockChange[]): readonly string[] {
  const [first, ...others] = changes
  if (first === undefined) return []
  const kind = isSummer ? 'DAYLIGHT' : 'STANDARD'
  // A change is told by the clock as it was before it.
  const stamp = ({ at, before }: ClockChange) => wallStamp(at + before)
  return [
    `BEGIN:${kind}`,
    `DTSTART:${stamp(first)}`,
    // Some programs count the first only where it is among the others.
    ...(others.length === 0 ? [] : changes.map((one) => `RDATE:${stamp(one)}`)),
    `TZOFFSETFROM:${offsetText(first.before)}`,
    `TZOFFSETTO:${offsetText(first.after)}`,
    `END:${kind}`,
  ]
}

/** An offset as `+0100`, with seconds where it has them (RFC 5545, 3.3.14). */
function offsetText(offset: number): string {
  const seconds = Math.abs(Math.round(offset / 1000))
  const two = (number: number) => String(Math.floor(number)).padStart(2, '0')
  const rest = seconds % 60 === 0 ? '' : two(seconds % 60)
  return `${offset < 0 ? '-' : '+'}${two(seconds / 3600)}${two((seconds % 3600) / 60)}${rest}`
}
