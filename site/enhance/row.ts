import { nothingToUndo } from './driver'
import type { Driver } from './driver'

/** Of what is seen of a row, the part by which an arrow goes on, so that some of it stays in sight. */
const step = 0.8

/** Moves a row that scrolls by arrows, which are there where more of it is than is seen. */
export const driveRow: Driver = (frame, signal) => {
  const row = frame.querySelector<HTMLElement>('.row')
  const arrows = frame.querySelector<HTMLElement>('.row-arrows')
  if (!row || !arrows) return nothingToUndo
  const [before, after] = ['before', 'after'].map((name) =>
    arrows.querySelector<HTMLButtonElement>(`[data-control="${name}"]`),
  )
  const go = (direction: 1 | -1) => {
    const sign = getComputedStyle(row).direction === 'rtl' ? -1 : 1
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches
    row.scrollBy({ left: sign * direction * step * row.clientWidth, behavior: still ? 'auto' : 'smooth' })
  }
  const show = () => {
    const [at, most] = [Math.abs(row.scrollLeft), row.scrollWidth - row.clientWidth]
    arrows.hidden = most < 2
    if (before) before.disabled = at < 1
    if (after) after.disabled = at > most - 2
  }
  before?.addEventListener('click', () => go(-1), { signal })
  after?.addEventListener('click', () => go(1), { signal })
  row.addEventListener('scroll', show, { signal })
  const watch = new ResizeObserver(show)
  watch.observe(row)
  signal.addEventListener('abort', () => watch.disconnect())
  show()
  return () => {
    arrows.hidden = true
  }
}
