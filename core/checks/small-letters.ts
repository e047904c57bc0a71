import { targetsOf } from '../listing/targets'
import { pixelsOf } from '../looks/length-pixels'
import { withValue } from '../looks/styles'
import { wholeLook } from './define'
import type { Check } from './define'

/** Common practice: what has to be read is not smaller, in CSS pixels. */
const least = 12

/** Letters that a look sets too small to be read. */
export const smallLetters: Check = {
  name: 'small-letters',
  title: 'Letters too small',
  find({ listing, followed }, { values }) {
    const targets = targetsOf(listing)
    return wholeLook({ listing, followed }).flatMap((styling) => {
      const target = targets.find(({ name }) => name === styling.target)
      const { letterSize } = styling.set
      const size = letterSize === undefined ? null : pixelsOf(letterSize, values.letterSizes)
      if (target === undefined || size === null || size >= least) return []
      return [
        {
          text: `${target.title} has letters of ${size} px: ${least} is the least that all can read.`,
          mends: [
            {
              title: `Set ${least} px`,
              edit: (before) => ({
                ...before,
                look: { ...before.look, own: withValue(before.look.own, styling, 'letterSize', '12px') },
              }),
            },
          ],
          show: { part: styling.target },
        },
      ]
    })
  },
}
