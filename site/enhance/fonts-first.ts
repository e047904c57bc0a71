/*
 * Asked for in the head, the fonts are there before the page is first drawn, and so before the
 * script measures it: a browser holds the first frame for fonts that a script of the head asks for.
 */
for (const { dataset } of document.querySelectorAll<HTMLElement>('link[data-family]'))
  document.fonts.load(`1em "${dataset.family ?? ''}"`).catch(() => undefined)
