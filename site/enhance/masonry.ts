import { masonryPlaces, rowsOfCards } from '../../core/shapes/places'
import type { Driver } from './driver'

/** Cards moved at once before the browser gets a turn. */
const batch = 100

interface Move {
  readonly item: HTMLElement
  readonly move: string
  /** How far from the window's top it goes, in pixels. */
  readonly from: number
}

/**
 * Moves cards from the rows that the styles put them in to where the core says, and again whenever
 * a card gets another size: with another width, with its type, or as it comes near enough for the
 * browser to lay it out. Moved by transforms alone, nothing else has to be laid out anew; and
 * without the script the rows are what there is.
 */
export const driveMasonry: Driver = (list, signal) => {
  const all = Array.from(list.children).filter((item): item is HTMLElement => item instanceof HTMLElement)
  const heights = new Map<Element, number>()
  const moved = new Map<HTMLElement, string>()

  let turn = 0
  const moveSome = (moves: readonly Move[], from: number, own = ++turn) => {
    if (signal.aborted || own !== turn) return
    for (const { item, move } of moves.slice(from, from + batch)) {
      moved.set(item, move)
      item.style.transform = move
    }
    if (from + batch < moves.length) requestAnimationFrame(() => moveSome(moves, from + batch, own))
  }

  const place = () => {
    const styles = getComputedStyle(list)
    const columns = styles.gridTemplateColumns.split(' ').length
    const gaps = { columnGap: parseFloat(styles.columnGap) || 0, rowGap: parseFloat(styles.rowGap) || 0 }
    const sign = styles.direction === 'rtl' ? -1 : 1
    // A narrow listing may show fewer; what it hides has no height.
    const shown = all
      .flatMap((item) => ({ item, height: heights.get(item) ?? 0 }))
      .filter((one) => one.height > 0)
    const own = shown.map((one) => one.height)
    const { width, top } = list.getBoundingClientRect()
    const [rows, places] = [rowsOfCards(own, width, columns, gaps), masonryPlaces(own, width, columns, gaps)]
    list.style.height = `${Math.max(0, ...places.map((one) => one.top + one.height))}px`
    const moves = shown.flatMap(({ item }, at) => {
      const [row, to] = [rows[at], places[at]]
      if (row === undefined || to === undefined) return []
      const move = `translate(${sign * (to.left - row.left)}px,${to.top - row.top}px)`
      return moved.get(item) === move ? [] : [{ item, move, from: Math.abs(top + to.top) }]
    })
    // Those that can be seen go first.
    moveSome(
      moves.toSorted((one, other) => one.from - other.from),
      0,
    )
  }

  const watch = new ResizeObserver((changed) => {
    for (const { target, borderBoxSize } of changed) heights.set(target, borderBoxSize[0]?.blockSize ?? 0)
    place()
  })
  for (const item of all) {
    heights.set(item, item.getBoundingClientRect().height)
    watch.observe(item, { box: 'border-box' })
  }
  // Before anything is painted, and before anybody asks where things are.
  place()
  signal.addEventListener('abort', () => watch.disconnect())
  return () => {
    for (const element of [list, ...all]) element.removeAttribute('style')
  }
}
