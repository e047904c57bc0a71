import { masonryPlaces } from '../../core/shapes/masonry-places'
import type { Driver } from './drive'

/** Cards moved at once before the browser gets a turn: keeps each turn well below 50 ms. */
const batch = 150

/**
 * Puts cards where the core says, and again whenever the box or a card changes its size. Columns and
 * gaps are read from the styles, which know the stop in force. Large listings are placed in turns.
 */
export const driveMasonry: Driver = (list, signal) => {
  const items = Array.from(list.children).filter((item): item is HTMLElement => item instanceof HTMLElement && item.offsetParent !== null)
  let turn = 0

  const place = () => {
    const styles = getComputedStyle(list)
    const columns = Number(styles.getPropertyValue('--columns')) || 1
    const heights = items.map((item) => item.firstElementChild?.getBoundingClientRect().height ?? 0)
    const rowGap = parseFloat(styles.rowGap) || 0
    const places = masonryPlaces(heights, list.clientWidth, columns, parseFloat(styles.columnGap) || 0, rowGap)
    const sign = styles.direction === 'rtl' ? -1 : 1
    list.style.height = `${Math.max(0, ...places.map((one) => one.top + one.height))}px`
    const run = ++turn
    const next = (from: number) => {
      if (signal.aborted || run !== turn) return
      for (const [at, item] of items.slice(from, from + batch).entries()) {
        const to = places[from + at]
        if (to) item.style.transform = `translate(${sign * to.left}px,${to.top}px)`
      }
      if (from + batch < items.length) requestAnimationFrame(() => next(from + batch))
    }
    next(0)
  }

  list.classList.add('driven')
  place()
  const watch = new ResizeObserver(() => place())
  watch.observe(list)
  items.forEach((item) => item.firstElementChild && watch.observe(item.firstElementChild))
  signal.addEventListener('abort', () => watch.disconnect())
}
