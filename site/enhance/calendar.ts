import type { Driver } from './driver'

/** Days walked by keys: how far each goes, in days. Of a month, a key that leaves it turns the sheet. */
const steps: Readonly<Record<string, number>> = { ArrowUp: -7, ArrowDown: 7, ArrowLeft: -1, ArrowRight: 1 }

/** The day to go to once the sheet that has it is there. */
let awaited: string | null = null

/**
 * Makes a sheet of days a grid that is walked by keys, with one stop for Tab (WAI-ARIA Authoring
 * Practices, grid; keys of its date picker): arrows by days and weeks, Home and End within the week,
 * Page Up and Page Down by months, Enter to what happens on the day.
 */
export const driveCalendar: Driver = (element, signal) => {
  const sheet = element.querySelector<HTMLTableElement>('.calendar-sheet')
  if (sheet === null) return () => undefined
  const cells = Array.from(sheet.querySelectorAll<HTMLElement>('td[data-day]'))
  const rowOf = (cell: Element) => Array.from(cell.parentElement?.querySelectorAll<HTMLElement>('td') ?? [])
  const hold = (cell: HTMLElement) => cells.forEach((one) => (one.tabIndex = one === cell ? 0 : -1))
  const go = (cell: HTMLElement | undefined) => {
    if (cell === undefined) return
    hold(cell)
    cell.focus()
  }
  const turn = (which: 'before' | 'after', day: string) => {
    awaited = day
    element.querySelector<HTMLElement>(`[data-turn="${which}"]`)?.click()
  }

  sheet.setAttribute('role', 'grid')
  cells.forEach((cell) => cell.setAttribute('role', 'gridcell'))
  const held = cells.find((cell) => cell.tabIndex === 0 && cell.hasAttribute('tabindex'))
  const first =
    held ?? cells.find((cell) => cell.classList.contains('today')) ?? cells.find((cell) => !isOutside(cell))
  if (first !== undefined) hold(first)
  const wanted = awaited === null ? undefined : cells.find((cell) => cell.dataset.day === awaited)
  if (wanted !== undefined) {
    awaited = null
    go(wanted)
  }

  sheet.addEventListener(
    'keydown',
    (event) => {
      const cell = event.target as HTMLElement
      const at = cells.indexOf(cell)
      if (at < 0) return
      const { key } = event
      const row = rowOf(cell)
      const isRtl = getComputedStyle(sheet).direction === 'rtl'
      const step = (steps[key] ?? 0) * (isRtl && (key === 'ArrowLeft' || key === 'ArrowRight') ? -1 : 1)
      const day = cell.dataset.day ?? ''
      if (step !== 0) {
        const to = cells[at + step]
        if (to !== undefined) go(to)
        else turn(step < 0 ? 'before' : 'after', movedDay(day, step))
      } else if (key === 'Home') go(row[0])
      else if (key === 'End') go(row.at(-1))
      else if (key === 'PageUp') turn('before', sameDay(day, -1, element.dataset.view))
      else if (key === 'PageDown') turn('after', sameDay(day, 1, element.dataset.view))
      else if (key === 'Enter') cell.querySelector<HTMLElement>('a, summary')?.focus()
      else return
      event.preventDefault()
    },
    { signal },
  )
  return () => {
    sheet.removeAttribute('role')
    cells.forEach((cell) => {
      cell.removeAttribute('role')
      cell.removeAttribute('tabindex')
    })
  }
}

function isOutside(cell: Element): boolean {
  return cell.classList.contains('outside')
}

/** A day so many on, `2026-12-03`. */
function movedDay(day: string, days: number): string {
  return new Date(Date.parse(day) + days * 86_400_000).toISOString().slice(0, 10)
}

/** The same day of another month, or its last; of another week. */
function sameDay(day: string, count: 1 | -1, view: string | undefined): string {
  if (view === 'week') return movedDay(day, 7 * count)
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  const last = new Date(Date.UTC(year, month + count, 0)).getUTCDate()
  return new Date(Date.UTC(year, month - 1 + count, Math.min(date, last))).toISOString().slice(0, 10)
}
