import { askedBy } from './asked-by-form'
import { showPageAt } from './keep-up-to-date'

/**
 * Turns calendars and narrows listings where they stand: what their links and forms lead to takes the place
 * of the page without leaving it, under its own address. A press that opens elsewhere is the browser's.
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
    foldIn(link)
    follow(link.href)
  })
  document.addEventListener('submit', (event) => {
    const form = event.target
    if (!(form instanceof HTMLFormElement) || !form.matches('[data-in-place]')) return
    event.preventDefault()
    const query = askedBy(form)
    follow(query === '' ? location.pathname : `${location.pathname}?${query}`)
  })
  addEventListener('popstate', () => void showPageAt(location.href))
}

/** Folds in the menu in which something was chosen, where one thing is; the focus goes to what opens it. */
function foldIn(link: HTMLAnchorElement): void {
  const menu = link.closest<HTMLDetailsElement>('details[data-closes]')
  if (menu === null) return
  menu.open = false
  menu.querySelector('summary')?.focus()
}

function follow(address: string): void {
  void goTo(address, 'push').then((isShown) => {
    if (!isShown) location.href = address
  })
}

/** Shows another address of this page where it stands, as one more or in place of its own. */
export function goTo(address: string, as: 'push' | 'replace'): Promise<boolean> {
  return showPageAt(address, () => history[`${as}State`](null, '', address))
}
