import { gliding, standing } from './gliding'
import { morphPage } from './morphing'

/**
 * Listens for changes of what this page shows and brings it up to date. The page is fetched again at
 * its own address, so that what comes is what a reload would show.
 *
 * Only a page that is seen listens: a browser holds few connections to one site, and pages that were
 * left, or lie behind others, would use them up. The page says what it had seen of the site's changes
 * when it was made; the server tells at once whether there were others since.
 */
export function keepUpToDate(pageId: string): void {
  let stream: EventSource | null = null

  const listen = () => {
    if (stream !== null || document.visibilityState === 'hidden') return
    const { seen = '', at = '' } = document.body.dataset
    stream = new EventSource(`/live?${new URLSearchParams({ page: pageId, seen, at }).toString()}`)
    stream.addEventListener('changed', () => void refresh())
  }
  const leave = () => {
    stream?.close()
    stream = null
  }

  listen()
  addEventListener('pagehide', leave)
  addEventListener('pageshow', listen)
  document.addEventListener('visibilitychange', () =>
    document.visibilityState === 'hidden' ? leave() : listen(),
  )
}

/** The time zone of whoever reads, where pages are asked for by their clock. It is no part of addresses. */
let clock: string | null = null

/** Shows this page, and what takes its place, by the clock of a time zone. */
export async function showByClock(zone: string): Promise<void> {
  if (clock === zone) return
  clock = zone
  await showPageAt(location.href)
}

function ask(address: string): Promise<Response> {
  const url = new URL(address, location.href)
  if (clock !== null) url.searchParams.set('clock', clock)
  return fetch(url, { headers: { accept: 'text/html' } })
}

let running = false
let again = false

/** Asks for the page anew: one fetch at a time; a change that comes meanwhile causes one more. */
export async function refresh(): Promise<void> {
  if (running) {
    again = true
    return
  }
  running = true
  try {
    const answer = await ask(location.href)
    const text = answer.ok ? await answer.text() : null
    await standing()
    if (text !== null) bringUpToDate(new DOMParser().parseFromString(text, 'text/html'))
  } catch {
    // The stream opens again when the connection is back, and tells what was missed.
  } finally {
    running = false
    if (again) {
      again = false
      void refresh()
    }
  }
}

/** The last address that was asked for: what comes late is not shown over it. */
let latest: string | null = null

/**
 * Shows the page at another address of this one, without anything gliding; `before` runs as it is put
 * in place. False where it could not be fetched.
 */
export async function showPageAt(address: string, before: () => void = () => undefined): Promise<boolean> {
  latest = address
  try {
    const answer = await ask(address)
    if (!answer.ok) return false
    const fresh = new DOMParser().parseFromString(await answer.text(), 'text/html')
    if (latest !== address) return true
    before()
    putFresh(fresh)
    return true
  } catch {
    return false
  }
}

let newStyles: CSSStyleSheet | undefined

/** Puts the styles of a fresh page in place of the page's own, which its policy lets nobody write to. */
function putStyles(css: string): void {
  const own = document.getElementById('listing-styles')
  if (newStyles === undefined && own?.textContent === css) return
  if (newStyles === undefined) {
    newStyles = new CSSStyleSheet()
    document.adoptedStyleSheets.push(newStyles)
    own?.remove()
  }
  newStyles.replaceSync(css)
}

function bringUpToDate(fresh: Document): void {
  gliding(document.body, () => putFresh(fresh))
}

function putFresh(fresh: Document): void {
  putStyles(fresh.getElementById('listing-styles')?.textContent ?? '')
  morphPage(document, fresh)
  document.dispatchEvent(new Event('bushel:changed'))
  Object.assign(document.body.dataset, {
    seen: fresh.body.dataset.seen ?? '',
    at: fresh.body.dataset.at ?? '',
  })
}
