import { defineFrame } from './define'
import { fixedBeside, leftBeside } from './widths'

/** A wide area between two narrow ones; on narrow pages one below the other. */
export const threeColumns = defineFrame({
  name: 'three-columns',
  title: 'Three columns',
  areas: [
    { name: 'side', title: 'Side', isAside: true, widths: fixedBeside(220) },
    { name: 'main', title: 'Main', widths: leftBeside(2 * (220 + 40)) },
    { name: 'other-side', title: 'Other side', isAside: true, widths: fixedBeside(220) },
  ],
  plan: [
    [
      ['side', 1],
      ['main', 3],
      ['other-side', 1],
    ],
  ],
})
