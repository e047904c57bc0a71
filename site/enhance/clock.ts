import { showByClock } from './keep-up-to-date'

/** Asks for the page by the clock of whoever reads, where something on it goes by that and is not yet. */
export function layOutByClock(): void {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
  const notes = document.querySelectorAll<HTMLElement>('[data-own-clock]')
  if (Array.from(notes).some((note) => note.dataset.ownClock !== timeZone)) void showByClock(timeZone)
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
