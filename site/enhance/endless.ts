import { goTo } from './turning'

/** So far (CSS pixels) below what is in sight, the end of a listing counts as reached. */
const ahead = 300

/**
 * Adds more of a listing as its end is reached. How much stands is in the address, which takes the place of
 * the one before: whoever comes back finds as much.
 */
export function reachEnds(): void {
  const reached = new IntersectionObserver(
    (all) => {
      for (const { isIntersecting, target } of all)
        if (isIntersecting && target instanceof HTMLAnchorElement) void goTo(target.href, 'replace')
    },
    { rootMargin: `0px 0px ${ahead}px` },
  )
  const watch = () => {
    reached.disconnect()
    for (const link of document.querySelectorAll('a[data-by-itself]')) reached.observe(link)
  }
  watch()
  document.addEventListener('bushel:changed', watch)
}
