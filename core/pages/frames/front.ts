import { defineFrame } from './define'
import { sharedBeside, wholeWidth } from './widths'

/** A front page: what comes first, the main area, two beside each other, and a foot. */
export const front = defineFrame({
  name: 'front',
  title: 'Front page',
  areas: [
    { name: 'top', title: 'Top', isAcross: true, widths: wholeWidth },
    { name: 'main', title: 'Main', isAcross: true, widths: wholeWidth },
    { name: 'first-half', title: 'First half', widths: sharedBeside(2, 56) },
    { name: 'second-half', title: 'Second half', widths: sharedBeside(2, 56) },
    { name: 'foot', title: 'Foot', isAcross: true, widths: wholeWidth },
  ],
  plan: [
    [['top', 1]],
    [['main', 1]],
    [
      ['first-half', 1],
      ['second-half', 1],
    ],
    [['foot', 1]],
  ],
})
