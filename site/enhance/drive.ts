import { driveMasonry } from './masonry'
import { driveSlides } from './slides'
import { driveTabs } from './tabs'

/** Makes what it can of a shape's markup; everything it begins ends with the signal. */
export type Driver = (element: HTMLElement, signal: AbortSignal) => void

const drivers: Readonly<Record<string, Driver>> = { masonry: driveMasonry, slides: driveSlides, tabs: driveTabs, index: driveTabs }

const driven = new Map<Element, AbortController>()

/** Drives every shape of the page that has a driver, anew where it was driven before; what is gone, or became another shape, is let go. */
export function drive(): void {
  driven.forEach((control) => control.abort())
  driven.clear()
  for (const element of document.querySelectorAll<HTMLElement>('[data-shape]')) {
    const control = new AbortController()
    driven.set(element, control)
    drivers[element.dataset.shape ?? '']?.(element, control.signal)
  }
}
