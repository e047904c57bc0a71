/** How what moved gets to its new place. */
const pace = { duration: 350, easing: 'cubic-bezier(0.2, 0.7, 0.2, 1)' }

/** Elements on either side of the window, in windows, that are followed too: they may come into sight. */
const margin = 2

/** What is on its way. */
let glides: readonly Animation[] = []

/** Resolves when everything that was on its way is where it is to be. */
export async function standing(): Promise<void> {
  if (glides.length === 0) return
  await Promise.allSettled(glides.map((one) => one.finished))
  glides = []
  // Drawn there: browsers take what leaves in the frame in which it comes to have jumped.
  for (let frames = 0; frames < 2; frames += 1) await new Promise((resolve) => requestAnimationFrame(resolve))
}

interface Place {
  readonly left: number
  readonly top: number
}

/**
 * Makes a change to what is below `root`, once all is standing, without anything that is seen
 * jumping: what is read stays where it is, and what has another place by then goes there from where
 * it was. Whoever wants less motion gets the change at once.
 */
export function gliding(root: Element, change: () => void): void {
  const before = placesOf(root)
  const page = document.documentElement
  // The browser's own way of keeping what is read in place would count twice.
  page.style.overflowAnchor = 'none'
  change()
  keepInSight(before)
  if (!matchMedia('(prefers-reduced-motion: reduce)').matches) glide(before)
  requestAnimationFrame(() => requestAnimationFrame(() => page.style.removeProperty('overflow-anchor')))
}

/**
 * Where everything below `root` stands that is near the window, in the window's pixels, outer
 * elements first.
 */
function placesOf(root: Element): ReadonlyMap<Element, Place> {
  const places = new Map<Element, Place>()
  for (const element of root.querySelectorAll('*')) {
    const { left, top, bottom, width } = element.getBoundingClientRect()
    const isNear = bottom > -innerHeight * margin && top < innerHeight * (1 + margin)
    if (width > 0 && isNear) places.set(element, { left, top })
  }
  return places
}

/** Scrolls so that the first thing that is read, and is still there, stays where it was. */
function keepInSight(before: ReadonlyMap<Element, Place>): void {
  if (scrollY === 0) return
  for (const [element, { top }] of before) {
    if (top < 0 || !element.isConnected) continue
    scrollBy({ top: element.getBoundingClientRect().top - top, behavior: 'instant' })
    return
  }
}

/** Lets each element go to its place by itself: as far as it moved beside what it lies in. */
function glide(before: ReadonlyMap<Element, Place>): void {
  const moved = new Map<Element, Place>()
  const moves: (() => Animation)[] = []
  for (const [element, from] of before) {
    if (!element.isConnected) continue
    const to = element.getBoundingClientRect()
    const own = { left: from.left - to.left, top: from.top - to.top }
    moved.set(element, own)
    const outer = movedAround(element, moved)
    const [left, top] = [own.left - outer.left, own.top - outer.top]
    if (to.width === 0 || (Math.abs(left) < 0.5 && Math.abs(top) < 0.5)) continue
    moves.push(() => element.animate({ translate: [`${left}px ${top}px`, '0px 0px'] }, pace))
  }
  glides = moves.map((move) => move())
}

function movedAround(element: Element, moved: ReadonlyMap<Element, Place>): Place {
  for (let outer = element.parentElement; outer !== null; outer = outer.parentElement) {
    const found = moved.get(outer)
    if (found !== undefined) return found
  }
  return { left: 0, top: 0 }
}
