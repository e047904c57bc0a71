/** A page is read when it was seen for so long, in milliseconds. */
const readAfter = 2000

/**
 * Tells the server that an entry is read, once: not for a reload or a step back, nor for a page that
 * was never seen. Nothing is stored in the browser, and nobody is told apart by it.
 */
export function countRead(entry: string): void {
  const [navigation] = performance.getEntriesByType('navigation') as readonly PerformanceNavigationTiming[]
  if (navigation !== undefined && navigation.type !== 'navigate') return
  let timer: ReturnType<typeof setTimeout> | undefined
  const watch = () => {
    clearTimeout(timer)
    if (document.visibilityState !== 'visible') return
    timer = setTimeout(() => {
      document.removeEventListener('visibilitychange', watch)
      navigator.sendBeacon(
        '/api/reads',
        new Blob([JSON.stringify({ entry: Number(entry) })], { type: 'application/json' }),
      )
    }, readAfter)
  }
  document.addEventListener('visibilitychange', watch)
  watch()
}
