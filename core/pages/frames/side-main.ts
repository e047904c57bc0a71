import { defineFrame } from './define'
import { fixedBeside, leftBeside } from './widths'

/** A narrow area before a wide one; on narrow pages above it. */
export const sideMain = defineFrame({
  name: 'side-main',
  title: 'Side and main',
  areas: [
    { name: 'side', title: 'Side', isAside: true, widths: fixedBeside(300) },
    { name: 'main', title: 'Main', widths: leftBeside(300 + 56) },
  ],
  plan: [
    [
      ['side', 1],
      ['main', 3],
    ],
  ],
})
