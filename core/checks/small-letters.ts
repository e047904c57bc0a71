import { pixelsOf } from '../looks/length-pixels'
import { merged, withValue } from '../looks/styles'
import type { StyleCheck } from './styles'

/** Common practice: what has to be read is not smaller, in CSS pixels. */
const least = 12

/** Letters that a look sets too small to be read. */
export const smallLetters: StyleCheck = {
  name: 'small-letters',
  title: 'Letters too small',
  find({ own, followed, targets }, { letterSizes }) {
    return merged(followed, own).flatMap((styling) => {
      const target = targets.find(({ name }) => name === styling.target)
      const { letterSize } = styling.set
      const size = letterSize === undefined ? null : pixelsOf(letterSize, letterSizes)
      if (target === undefined || size === null || size >= least) return []
      return [
        {
          text: `${target.title} has letters of ${size} px: ${least} is the least that all can read.`,
          restyles: [
            {
              title: `Set ${least} px`,
              restyle: (before) => withValue(before, styling, 'letterSize', `${least}px`),
            },
          ],
          target: styling.target,
        },
      ]
    })
  },
}
