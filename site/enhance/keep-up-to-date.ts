import { drive } from './drive'

/**
 * Listens for changes of what this page shows and swaps in the listings that differ. The page is
 * fetched again at its own address, so that what comes is what a reload would show.
 *
 * Only a page that is seen listens: a browser holds few connections to one site, and pages that were
 * left, or lie behind others, would use them up. What they missed they fetch when they are seen again.
 */
export function keepUpToDate(pageId: string): void {
  let stream: EventSource | null = null
  let wasLost = false

  const listen = () => {
    if (stream !== null || document.visibilityState === 'hidden') return
    stream = new EventSource(`/live?page=${encodeURIComponent(pageId)}`)
    stream.addEventListener('changed', () => void refresh())
    stream.addEventListener('error', () => (wasLost = true))
    stream.addEventListener('open', () => {
      if (wasLost) void refresh()
      wasLost = false
    })
  }
  const leave = () => {
    stream?.close()
    stream = null
    wasLost = true
  }

  listen()
  addEventListener('pagehide', leave)
  addEventListener('pageshow', listen)
  document.addEventListener('visibilitychange', () => (document.visibilityState === 'hidden' ? leave() : listen()))
}

let running = false
let again = false

/** One fetch at a time; a change that comes meanwhile causes one more. */
async function refresh(): Promise<void> {
  if (running) {
    again = true
    return
  }
  running = true
  try {
    const answer = await fetch(location.href, { headers: { accept: 'text/html' } })
    if (answer.ok) swap(new DOMParser().parseFromString(await answer.text(), 'text/html'))
  } catch {
    // The stream says when the connection is back; then the page is fetched again.
  } finally {
    running = false
    if (again) {
      again = false
      void refresh()
    }
  }
}

function swap(fresh: Document): void {
  const ids = (page: Document) =>
    Array.from(page.querySelectorAll<HTMLElement>('[data-placement]'), (one) => one.dataset.placement).join()
  replace(document.getElementById('listing-styles'), fresh.getElementById('listing-styles'))
  if (ids(document) !== ids(fresh)) {
    replace(document.getElementById('content'), fresh.getElementById('content'))
    return drive()
  }
  for (const old of document.querySelectorAll<HTMLElement>('[data-placement]'))
    replace(old, fresh.querySelector(`[data-placement="${CSS.escape(old.dataset.placement ?? '')}"]`))
  replace(document.querySelector('.page-title'), fresh.querySelector('.page-title'))
  drive()
}

function replace(old: Element | null, fresh: Element | null): void {
  if (old && fresh && !old.isEqualNode(fresh)) {
    const held = old.contains(document.activeElement) ? addressOf(document.activeElement) : null
    old.replaceWith(fresh)
    if (held !== null) fresh.querySelector<HTMLElement>(`a[href="${CSS.escape(held)}"]:not([tabindex])`)?.focus()
  }
}

function addressOf(element: Element | null): string | null {
  return element?.getAttribute('href') ?? null
}
