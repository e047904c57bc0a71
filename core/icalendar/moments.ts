const dayMs = 86_400_000

/** What a wall clock shows (as if UTC, epoch milliseconds) as DATE-TIME: `20261203T100000`. */
export function wallStamp(wall: number): string {
  return new Date(wall).toISOString().slice(0, 19).replace(/[-:]/g, '')
}

/** An instant as DATE-TIME by UTC: `20261203T100000Z` (RFC 5545, 3.3.5). */
export function utcStamp(instant: number): string {
  return `${wallStamp(instant)}Z`
}

/** A day as DATE: `20261203` (RFC 5545, 3.3.4). */
export function dayStamp(day: number): string {
  return wallStamp(day).slice(0, 8)
}

/** How long something takes, as DURATION: days where it is of days, else an exact time (RFC 5545, 3.3.6). */
export function durationText(length: number, isOfDays: boolean): string {
  if (isOfDays) return `P${Math.round(length / dayMs)}D`
  const seconds = Math.round(length / 1000)
  const parts = [
    [Math.floor(seconds / 3600), 'H'],
    [Math.floor((seconds % 3600) / 60), 'M'],
    [seconds % 60, 'S'],
  ] as const
  const told = parts.filter(([count]) => count > 0).map(([count, unit]) => `${count}${unit}`)
  return `PT${told.length === 0 ? '0S' : told.join('')}`
}

/** Reads a DURATION in milliseconds; days are of 24 hours. Null for what is none, or is less than nothing. */
export function readDuration(text: string): number | null {
  const match =
    /^\+?P(?:(\d{1,4})W|(?:(\d{1,5})D)?(?:T(?:(\d{1,6})H)?(?:(\d{1,7})M)?(?:(\d{1,8})S)?)?)$/.exec(text)
  if (match === null || text.endsWith('P') || text.endsWith('T')) return null
  const [weeks = 0, days = 0, hours = 0, minutes = 0, seconds = 0] = match
    .slice(1, 6)
    .map((part) => Number(part ?? 0))
  return (weeks * 7 + days) * dayMs + (hours * 3600 + minutes * 60 + seconds) * 1000
}
