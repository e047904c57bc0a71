import { showPageAt } from './keep-up-to-date'

/**
 * Turns calendars and narrows listings where they stand: what their links lead to takes the place of the
 * page without leaving it, under its own address. A press that opens elsewhere is the browser's.
 */
export function turnInPlace(): void {
  document.addEventListener('click', (event) => {
    const link =
      event.target instanceof Element
        ? event.target.closest<HTMLAnchorElement>('a[data-turn], a[data-in-place]')
        : null
    if (
      link === null ||
      event.button !== 0 ||
      event.metaKey ||
      event.ctrlKey ||
      event.shiftKey ||
      event.altKey
    )
      return
    event.preventDefault()
    const { href } = link
    void showPageAt(href, () => history.pushState(null, '', href)).then((isShown) => {
      if (!isShown) location.href = href
    })
  })
  addEventListener('popstate', () => void showPageAt(location.href))
}
