import { refresh, showByClock } from './keep-up-to-date'

/**
 * Asks for the page by the clock of whoever reads, where something on it goes by that and is not yet;
 * and again when that clock begins another day.
 */
export function layOutByClock(): void {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
  const notes = document.querySelectorAll<HTMLElement>('[data-own-clock]')
  if (Array.from(notes).some((note) => note.dataset.ownClock !== timeZone)) void showByClock(timeZone)
  if (notes.length > 0) setTimeout(turnDay, untilMidnight())
}

/** The server's clock may be a little behind. */
const behind = 1000

function turnDay(): void {
  void refresh()
  setTimeout(turnDay, untilMidnight())
}

/** In milliseconds, to a little after it. */
function untilMidnight(): number {
  const now = new Date()
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1).getTime() - now.getTime() + behind
}

/** Writes by the clock of whoever reads what is meant so; without script it is told by the site's. */
export function tellByClock(): void {
  for (const time of document.querySelectorAll<HTMLTimeElement>('time[data-clock]')) {
    const format = new Intl.DateTimeFormat(
      document.documentElement.lang,
      JSON.parse(time.dataset.clock ?? '{}') as Intl.DateTimeFormatOptions,
    )
    const [from, until] = [Date.parse(time.dateTime), Date.parse(time.dataset.until ?? '')]
    const text = until > from ? format.formatRange(from, until) : format.format(from)
    if (time.textContent !== text) time.textContent = text
  }
}
