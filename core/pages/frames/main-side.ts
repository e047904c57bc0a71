import { defineFrame } from './define'
import { fixedBeside, leftBeside } from './widths'

/** A wide main area with a narrow one after it; on narrow pages the side follows the main. */
export const mainSide = defineFrame({
  name: 'main-side',
  title: 'Main and side',
  areas: [
    { name: 'main', title: 'Main', widths: leftBeside(300 + 56) },
    { name: 'side', title: 'Side', isAside: true, widths: fixedBeside(300) },
  ],
  plan: [
    [
      ['main', 3],
      ['side', 1],
    ],
  ],
})
