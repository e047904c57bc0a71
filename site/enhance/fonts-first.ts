import { fontFamilies } from './fonts'

/*
 * Asked for in the head, the fonts are there before the page is first drawn, and so before the
 * script measures it: a browser holds the first frame for fonts that a script of the head asks for.
 */
for (const family of fontFamilies) document.fonts.load(`1em "${family}"`).catch(() => undefined)
