/** How many parts and answers somebody waits for just now. */
let awaited = 0

/**
 * Says by the pointer that the press was heard, for as long as what it asked for is not there.
 * Gives what ends that; it is called once.
 */
export function beginWaiting(): () => void {
  count(1)
  return () => count(-1)
}

function count(step: number): void {
  awaited += step
  document.documentElement.classList.toggle('is-fetching', awaited > 0)
}
