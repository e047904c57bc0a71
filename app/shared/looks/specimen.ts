/** Cards that a specimen shows at most. */
const mostCards = 2

/**
 * The beginning of a placement as a document of its own: as the page has it, in another look, whose style
 * sheet is given.
 */
export function specimenOf(page: Document, placement: string, css: string): string | null {
  const own = page.querySelector(`[data-placement="${placement}"]`)?.cloneNode(true) as
    HTMLElement | undefined
  if (own === undefined) return null
  own.classList.remove('bench-chosen', 'bench-pointed')
  for (const card of Array.from(own.querySelectorAll('[data-entry]')).slice(mostCards)) card.remove()
  const fresh = page.implementation.createHTMLDocument()
  fresh.documentElement.lang = page.documentElement.lang
  fresh.documentElement.dir = page.documentElement.dir
  for (const link of page.querySelectorAll('link[rel=stylesheet]')) fresh.head.append(link.cloneNode())
  put(fresh, sheets(page))
  put(fresh, css)
  put(fresh, 'body{padding:18px}')
  const main = fresh.createElement('main')
  main.className = 'area'
  main.append(own)
  fresh.body.append(main)
  return `<!doctype html>${fresh.documentElement.outerHTML}`
}

/** How placements are laid out, without how they look. */
function sheets(page: Document): string {
  const styles = page.querySelectorAll<HTMLStyleElement>('#listing-styles, style[data-css-of]')
  return Array.from(styles, ({ sheet }) => Array.from(sheet?.cssRules ?? []))
    .flat()
    .map((rule) => rule.cssText)
    .filter((text) => !/^@layer (?:look|listing)\b/.test(text))
    .join('\n')
}

function put(page: Document, css: string): void {
  const style = page.createElement('style')
  style.textContent = css
  page.head.append(style)
}
