import type { Driver } from './driver'
import { driveCalendar } from './calendar'
import { driveMasonry } from './masonry'
import { driveRow } from './row'
import { driveSchedule } from './schedule'
import { driveSlides } from './slides'
import { driveTabs } from './tabs'

const drivers: Readonly<Record<string, Driver>> = {
  masonry: driveMasonry,
  slides: driveSlides,
  tabs: driveTabs,
  index: driveTabs,
  row: driveRow,
  calendar: driveCalendar,
  schedule: driveSchedule,
}

interface Driven {
  readonly shape: string
  readonly control: AbortController
  readonly undo: () => void
}

const driven = new Map<Element, Driven>()

/**
 * Drives every shape of the page that has a driver, anew where it was driven before; what is gone,
 * or became another shape, is let go.
 */
export function drive(): void {
  const elements = new Set(document.querySelectorAll<HTMLElement>('[data-shape]'))
  driven.forEach((one, element) => {
    one.control.abort()
    if (elements.has(element as HTMLElement) && (element as HTMLElement).dataset.shape === one.shape) return
    one.undo()
    element.classList.remove('driven')
    driven.delete(element)
  })
  for (const element of elements) {
    const shape = element.dataset.shape ?? ''
    const driver = drivers[shape]
    if (driver === undefined) continue
    const control = new AbortController()
    element.classList.add('driven')
    driven.set(element, { shape, control, undo: driver(element, control.signal) })
  }
}
