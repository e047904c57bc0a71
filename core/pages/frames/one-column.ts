import { defineFrame } from './define'
import { wholeWidth } from './widths'

/** One area, as wide as the contents of a page. */
export const oneColumn = defineFrame({
  name: 'one-column',
  title: 'One column',
  areas: [{ name: 'main', title: 'Main', isAcross: true, widths: wholeWidth }],
  plan: [[['main', 1]]],
})
