import { masonryPlaces, rowsOfCards } from '../../core/shapes/places'
import type { Driver } from './drive'

/** Cards moved at once before the browser gets a turn. */
const batch = 300

/**
 * Moves cards from the rows that the styles put them in to where the core says, and again whenever
 * the box or a card gets another size. Moved by transforms alone, nothing has to be laid out anew;
 * and without the script the rows are what there is.
 */
export const driveMasonry: Driver = (list, signal) => {
  const all = Array.from(list.children).filter((item): item is HTMLElement => item instanceof HTMLElement)
  let turn = 0

  const place = () => {
    const run = ++turn
    const styles = getComputedStyle(list)
    const columns = styles.gridTemplateColumns.split(' ').length
    const gaps = { columnGap: parseFloat(styles.columnGap) || 0, rowGap: parseFloat(styles.rowGap) || 0 }
    const sign = styles.direction === 'rtl' ? -1 : 1
    // A narrow listing may show fewer.
    const shown = all.filter((item) => item.offsetParent !== null)
    const heights = shown.map((item) => item.firstElementChild?.getBoundingClientRect().height ?? 0)
    const width = list.getBoundingClientRect().width
    const [rows, places] = [rowsOfCards(heights, width, columns, gaps), masonryPlaces(heights, width, columns, gaps)]
    list.style.height = `${Math.max(0, ...places.map((one) => one.top + one.height))}px`
    const move = (from: number) => {
      if (signal.aborted || run !== turn) return
      for (let at = from; at < Math.min(from + batch, shown.length); at += 1) {
        const [item, row, to] = [shown[at], rows[at], places[at]]
        if (item && row && to) item.style.transform = `translate(${sign * (to.left - row.left)}px,${to.top - row.top}px)`
      }
      if (from + batch < shown.length) requestAnimationFrame(() => move(from + batch))
    }
    move(0)
  }

  list.classList.add('driven')
  place()
  // Cards get another height with another width, and with another type.
  let width = list.clientWidth
  const watch = new ResizeObserver(() => {
    if (list.clientWidth === width) return
    width = list.clientWidth
    place()
  })
  watch.observe(list)
  if (document.fonts.status !== 'loaded') void document.fonts.ready.then(() => signal.aborted || place())
  signal.addEventListener('abort', () => watch.disconnect())
}
