import { masonryColumns, placedInto } from '../../core/shapes/masonry-places'
import type { Driver } from './drive'

/** Cards placed together, and how long it may go on before the browser gets a turn, in milliseconds. */
const batch = 24
const patience = 8

/**
 * Puts cards where the core says, and again whenever the box gets another width. Columns and gaps
 * are read from the styles, which know the stop in force.
 *
 * Laying out thousands of cards at once would stop everything else. So they are placed a few at a
 * time from the top; those whose turn has not come follow below in plain rows, where the browser
 * leaves out what is not in sight.
 */
export const driveMasonry: Driver = (list, signal) => {
  const all = Array.from(list.children).filter((item): item is HTMLElement => item instanceof HTMLElement)
  let turn = 0
  let width = -1

  const place = () => {
    width = list.clientWidth
    const styles = getComputedStyle(list)
    const sign = styles.direction === 'rtl' ? -1 : 1
    const rowGap = parseFloat(styles.rowGap) || 0
    let columns = masonryColumns(width, Number(styles.getPropertyValue('--columns')) || 1, parseFloat(styles.columnGap) || 0, rowGap)
    const run = ++turn

    const placeFew = (few: readonly HTMLElement[]) => {
      for (const item of few) {
        item.classList.add('placed')
        item.style.contentVisibility = 'visible'
      }
      // A narrow listing may show fewer.
      const shown = few.filter((item) => item.offsetParent !== null)
      const placed = placedInto(columns, shown.map((item) => item.firstElementChild?.getBoundingClientRect().height ?? 0))
      columns = placed.columns
      placed.places.forEach((to, index) => {
        const item = shown[index]
        if (item === undefined) return
        item.style.transform = `translate(${sign * to.left}px,${to.top}px)`
        item.style.containIntrinsicSize = `auto ${to.height}px`
        item.style.contentVisibility = ''
      })
    }

    const next = (from: number) => {
      if (signal.aborted || run !== turn) return
      const until = performance.now() + patience
      let at = from
      do {
        placeFew(all.slice(at, at + batch))
        at += batch
      } while (at < all.length && performance.now() < until)
      const bottom = Math.max(0, ...columns.ends)
      // Whatever is still in rows begins below what is placed; placed cards take no room of their own.
      if (at >= all.length) list.style.paddingTop = `${Math.max(0, bottom - rowGap)}px`
      else if (all[at]?.classList.contains('placed') === false) list.style.paddingTop = `${bottom}px`
      if (at < all.length) requestAnimationFrame(() => next(at))
    }
    next(0)
  }

  list.classList.add('driven')
  place()
  // The box gets higher with every card that is placed; only another width moves cards.
  const watch = new ResizeObserver(() => list.clientWidth !== width && place())
  watch.observe(list)
  // Cards are as high as their words, and those may be in another type until it has come.
  if (document.fonts.status !== 'loaded') void document.fonts.ready.then(() => signal.aborted || place())
  signal.addEventListener('abort', () => watch.disconnect())
}
