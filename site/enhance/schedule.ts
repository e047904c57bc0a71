import type { Driver } from './driver'

/** Where what visitors mark is kept: in their browser alone, for the whole site. */
const kept = 'bushel.going'
const minute = 60_000

/**
 * A schedule under the hand: what visitors go to is marked and can be seen alone, arrow keys walk along
 * time and tracks, and a line stands at the present minute.
 */
export const driveSchedule: Driver = (element, signal) => {
  const items = Array.from(element.querySelectorAll<HTMLElement>('.schedule-item'))
  const undoMarks = driveMarks(element, items, signal)
  element.addEventListener('keydown', (event) => walk(event, items), { signal })
  const grids = Array.from(element.querySelectorAll<HTMLElement>('[data-moments]'))
  const show = () => grids.forEach((grid) => showNow(grid, Date.now()))
  const timer = setInterval(show, minute)
  // Days that are turned to, and rows that grow with their cards, bring other hours near the line.
  const watch = new ResizeObserver(show)
  grids.forEach((grid) => watch.observe(grid))
  signal.addEventListener('abort', () => {
    clearInterval(timer)
    watch.disconnect()
  })
  show()
  return undoMarks
}

function driveMarks(element: HTMLElement, items: readonly HTMLElement[], signal: AbortSignal): () => void {
  const bar = element.querySelector<HTMLElement>('.schedule-marks')
  const only = bar?.querySelector<HTMLElement>('[data-control=only]')
  if (!bar || !only) return () => undefined
  const names = new Set(items.map((item) => item.dataset.entry ?? ''))
  const show = () => {
    const going = new Set(read())
    items.forEach((item) => {
      const isMarked = going.has(item.dataset.entry ?? '')
      item.toggleAttribute('data-going', isMarked)
      item.querySelector('[data-control=mark]')?.setAttribute('aria-pressed', String(isMarked))
    })
    const own = [...going].filter((one) => names.has(one))
    const count = bar.querySelector('[data-count]')
    if (count) count.textContent = String(own.length)
    const take = bar.querySelector<HTMLAnchorElement>('[data-control=take]')
    if (!take) return
    const { calendar } = element.dataset
    take.hidden = own.length === 0 || calendar === undefined
    const entries = new Set(own.map((one) => parseInt(one, 10)))
    take.href = `${calendar ?? ''}?only=${[...entries].join()}`
  }
  items.forEach((item) => {
    const button = item.querySelector<HTMLElement>('[data-control=mark]')
    if (!button) return
    button.hidden = false
    button.addEventListener(
      'click',
      () => {
        const name = item.dataset.entry ?? ''
        const before = read()
        write(before.includes(name) ? before.filter((one) => one !== name) : [...before, name])
        show()
      },
      { signal },
    )
  })
  only.addEventListener(
    'click',
    () => only.setAttribute('aria-pressed', String(element.toggleAttribute('data-only'))),
    { signal },
  )
  only.setAttribute('aria-pressed', String(element.hasAttribute('data-only')))
  addEventListener('storage', show, { signal })
  bar.hidden = false
  show()
  return () => {
    bar.hidden = true
    element.removeAttribute('data-only')
    items.forEach((item) => item.removeAttribute('data-going'))
  }
}

/** What is marked; nothing where the browser keeps nothing, or something else stands there. */
function read(): readonly string[] {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(kept) ?? '[]')
    return Array.isArray(value) ? value.filter((one) => typeof one === 'string') : []
  } catch {
    return []
  }
}

/** The latest are kept where there are very many. */
function write(names: readonly string[]): void {
  try {
    localStorage.setItem(kept, JSON.stringify(names.slice(-500)))
  } catch {
    // Where nothing may be kept, nothing is marked.
  }
}

/** Goes from a thing to what is nearest in a direction: along time, or at about the same time beside it. */
function walk(event: KeyboardEvent, items: readonly HTMLElement[]): void {
  const from = (event.target as HTMLElement).closest<HTMLElement>('.schedule-item')
  const direction = { ArrowDown: [0, 1], ArrowUp: [0, -1], ArrowRight: [1, 0], ArrowLeft: [-1, 0] }[event.key]
  if (!from || !direction || event.altKey || event.ctrlKey || event.metaKey) return
  const [across = 0, down = 0] = direction
  const own = from.getBoundingClientRect()
  const [x, y] = middle(own)
  const ahead = items.flatMap((item) => {
    const box = item.getBoundingClientRect()
    if (item === from || box.width === 0) return []
    const [otherX, otherY] = middle(box)
    const along = across === 0 ? (otherY - y) * down : (otherX - x) * across
    const aside = across === 0 ? gap(own.left, own.right, box.left, box.right) : Math.abs(box.top - own.top)
    return along > 1 ? [{ item, far: along + 4 * aside }] : []
  })
  const [nearest] = ahead.toSorted((a, b) => a.far - b.far)
  if (nearest === undefined) return
  event.preventDefault()
  const target = nearest.item.querySelector<HTMLElement>('a, button:not([hidden])')
  target?.focus()
  target?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
}

function middle({ left, top, width, height }: DOMRect): readonly [number, number] {
  return [left + width / 2, top + Math.min(height, 40) / 2]
}

/** How far two stretches are apart; 0 where they meet. */
function gap(from: number, to: number, otherFrom: number, otherTo: number): number {
  return Math.max(0, otherFrom - to, from - otherTo)
}

/** Puts the line at the present minute, and takes the hour away that its word would lie over. */
function showNow(grid: HTMLElement, now: number): void {
  const line = grid.querySelector<HTMLElement>('.schedule-now')
  if (!line) return
  placeLine(line, (grid.dataset.moments ?? '').split(',').map(Number), now)
  const word = line.querySelector('b')?.getBoundingClientRect()
  for (const hour of grid.querySelectorAll('.schedule-hour')) {
    const name = hour.firstElementChild?.getBoundingClientRect()
    const isBehind = word && name && word.height > 0 && word.bottom > name.top && word.top < name.bottom
    hour.toggleAttribute('data-behind', isBehind === true)
  }
}

function placeLine(line: HTMLElement, moments: readonly number[], now: number): void {
  const row = moments.findLastIndex((moment) => moment <= now)
  const [from, to] = [moments[row], moments[row + 1]]
  line.hidden = from === undefined || to === undefined
  if (from === undefined || to === undefined) return
  line.style.gridRow = String(row + 1)
  line.style.setProperty('--share', String((now - from) / (to - from)))
}
