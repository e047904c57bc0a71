import { targetsOf } from '../listing/targets'
import { lengthParts } from '../looks/properties/values'
import { withValue } from '../looks/styles'
import type { Styling } from '../looks/styles'
import { wholeLook } from './define'
import type { Check } from './define'

/** Common practice: what has to be read is not smaller, in CSS pixels. */
const least = 12
/** What a `rem` is to browsers that are set to nothing else. */
const usualRem = 16

/** Letters that a look sets too small to be read. */
export const smallLetters: Check = {
  name: 'small-letters',
  title: 'Letters too small',
  find({ listing, followed }) {
    const targets = targetsOf(listing)
    return wholeLook({ listing, followed }).flatMap((styling) => {
      const target = targets.find(({ name }) => name === styling.target)
      const size = pixelsOf(styling)
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

/** Null for a size that goes by what is around it. */
function pixelsOf({ set: { letterSize } }: Styling): number | null {
  if (letterSize === undefined) return null
  const { value, unit } = lengthParts(letterSize)
  if (unit === 'px') return value
  return unit === 'rem' ? value * usualRem : null
}
