import { drive } from './drive'
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
  gliding(document.body, () => {
    putStyles(fresh.getElementById('listing-styles')?.textContent ?? '')
    morphPage(document, fresh)
    drive()
  })
  Object.assign(document.body.dataset, {
    seen: fresh.body.dataset.seen ?? '',
    at: fresh.body.dataset.at ?? '',
  })
}
