/** Brings another framed page, at another width, up to what the first shows. */
export function mirrorPage(source: Document, page: Document): void {
  const [shown, own] = [source.querySelector('.site'), page.querySelector('.site')]
  if (shown === null || own === null) return
  own.outerHTML = shown.outerHTML
  page.querySelectorAll('style').forEach((style) => style.remove())
  source.querySelectorAll('style').forEach((style) => page.head.append(page.importNode(style, true)))
  page.dispatchEvent(new Event('bushel:changed'))
}
