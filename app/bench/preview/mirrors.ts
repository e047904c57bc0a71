/** Brings another framed page, at another width, up to what the first shows. */
export function mirrorPage(source: Document, page: Document): void {
  const [content, own] = [source.getElementById('content'), page.getElementById('content')]
  if (content === null || own === null) return
  own.outerHTML = content.outerHTML
  page.querySelectorAll('style').forEach((style) => style.remove())
  source.querySelectorAll('style').forEach((style) => page.head.append(page.importNode(style, true)))
  page.dispatchEvent(new Event('bushel:changed'))
}
