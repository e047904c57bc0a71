import { defineFrame } from './define'
import { edgeToEdge } from './widths'

/** One area from one end of the page to the other, however wide the page is. */
export const wide = defineFrame({
  name: 'wide',
  title: 'Edge to edge',
  areas: [{ name: 'main', title: 'Main', isAcross: true, widths: edgeToEdge }],
  plan: [[['main', 1]]],
  isEdgeToEdge: true,
})
