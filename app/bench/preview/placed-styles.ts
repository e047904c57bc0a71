/** The styles of placements in a framed page, which take the place of what the page came with. */

/** What the server states of a placement: how it is laid out and how it looks. */
export function setPlacementCss(page: Document, id: string, css: string): void {
  for (const style of stylesOf(page)) dropRules(style, (rule) => rule.cssText.includes(selectorOf(id)))
  put(page, 'css', id, css)
  page.querySelector(`style[data-look-of="${id}"]`)?.remove()
}

/** How a placement looks, where nothing else of it changed. */
export function setLookCss(page: Document, id: string, css: string): void {
  for (const style of stylesOf(page))
    dropRules(
      style,
      (rule) =>
        rule instanceof (page.defaultView ?? window).CSSLayerBlockRule &&
        (rule.name === 'look' || rule.name === 'listing') &&
        rule.cssText.includes(selectorOf(id)),
    )
  put(page, 'look', id, css)
}

/** The page's own styles in place of those of its placements one by one. */
export function setPageCss(page: Document, css: string): void {
  const styles = page.getElementById('listing-styles')
  if (styles) styles.textContent = css
  page.querySelectorAll('style[data-css-of], style[data-look-of]').forEach((one) => one.remove())
}

function selectorOf(id: string): string {
  return `[data-placement="${id}"]`
}

function stylesOf(page: Document): readonly HTMLStyleElement[] {
  return Array.from(page.querySelectorAll<HTMLStyleElement>('#listing-styles, style[data-css-of]'))
}

/** As text, so that pages beside this one, which are copies of it, lose them too. */
function dropRules(style: HTMLStyleElement, isDropped: (rule: CSSRule) => boolean): void {
  const rules = Array.from(style.sheet?.cssRules ?? [])
  const kept = rules.filter((rule) => !isDropped(rule))
  if (kept.length < rules.length) style.textContent = kept.map((rule) => rule.cssText).join('\n')
}

function put(page: Document, kind: 'css' | 'look', id: string, css: string): void {
  const known = page.querySelector(`style[data-${kind}-of="${id}"]`)
  const style = known ?? page.createElement('style')
  style.setAttribute(`data-${kind}-of`, id)
  style.textContent = css
  if (!known) page.head.append(style)
}
