import { wallOf } from '../time/zones'
import { wallStamp } from './moments'

const hourMs = 3_600_000
const stepMs = 6 * 24 * hourMs

/** A change of clocks: when, and by how much the clock is ahead of UTC before it and after it. */
interface ClockChange {
  readonly at: number
  readonly before: number
  readonly after: number
}

/**
 * A time zone as calendar files tell it (RFC 5545, 3.6.5): what its clock shows from one instant to
 * another (epoch milliseconds), every change by its own date.
 */
export function timeZoneLines(zone: string, from: number, to: number): readonly string[] {
  const first = wallOf(from, zone) - from
  const changes = changesIn(zone, from, to)
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

/**
 * Found by looking every six days, then in between: since 1970 no clock has changed twice within less
 * than seven, which Recife’s did in October 2000 (IANA time zone database).
 */
function changesIn(zone: string, from: number, to: number): readonly ClockChange[] {
  const offset = (at: number) => wallOf(at, zone) - at
  const changes: ClockChange[] = []
  let before = offset(from)
  for (let at = from; at < to; at += stepMs) {
    const next = at + stepMs
    const after = offset(next)
    if (before === after) continue
    let [low, high] = [at, next]
    while (high - low > 1000) {
      const middle = Math.floor((low + high) / 2000) * 1000
      if (offset(middle) === before) low = middle
      else high = middle
    }
    if (high < to) changes.push({ at: high, before, after })
    before = after
  }
  return changes
}

/** An offset as `+0100`, with seconds where it has them (RFC 5545, 3.3.14). */
function offsetText(offset: number): string {
  const seconds = Math.abs(Math.round(offset / 1000))
  const two = (number: number) => String(Math.floor(number)).padStart(2, '0')
  const rest = seconds % 60 === 0 ? '' : two(seconds % 60)
  return `${offset < 0 ? '-' : '+'}${two(seconds / 3600)}${two((seconds % 3600) / 60)}${rest}`
}
