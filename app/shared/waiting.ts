/** What comes within a tenth of a second seems to come at once (Nielsen, Usability Engineering, 1993, 5.5). */
const instant = 100

/** How many parts and answers somebody waits for just now. */
let awaited = 0
let later: ReturnType<typeof setTimeout> | undefined

/**
 * Says by the pointer that the press was heard, where what it asked for does not come at once. Gives what
 * ends that; it is called once. Whether something is awaited stands at the root of the document, too.
 */
export function beginWaiting(): () => void {
  count(1)
  return () => count(-1)
}

function count(step: number): void {
  const was = awaited > 0
  awaited += step
  const is = awaited > 0
  if (is === was) return
  document.documentElement.toggleAttribute('data-awaiting', is)
  clearTimeout(later)
  // All of the screen is styled anew by the class, so it is not set for nothing.
  if (is) later = setTimeout(() => document.documentElement.classList.add('is-waiting'), instant)
  else document.documentElement.classList.toggle('is-waiting', false)
}
