import { pixelsOf } from '../looks/length-pixels'
import { merged, withValue } from '../looks/styles'
import type { StyleCheck } from './styles'

/** What is pressed is as wide and as high as this, in CSS pixels (WCAG 2.2, 2.5.8). */
const least = 24

const limits = { 'most-width': 'wide', 'most-height': 'high' } as const
type Limit = keyof typeof limits

/** What visitors press and a look makes too small to be hit. */
export const smallTargets: StyleCheck = {
  name: 'small-targets',
  title: 'Too small to be pressed',
  find({ own, followed, targets }) {
    const pressed = targets.filter(({ isPressed }) => isPressed === true)
    return merged(followed, own).flatMap((styling) => {
      const target = pressed.find(({ name }) => name === styling.target)
      if (target === undefined) return []
      return (Object.keys(limits) as Limit[]).flatMap((limit) => {
        const length = styling.set[limit]
        const size = length === undefined ? null : pixelsOf(length, [])
        if (size === null || size >= least) return []
        return [
          {
            text: `${target.title} is ${size} px ${limits[limit]} at most: ${least} is the least that a finger hits.`,
            restyles: [
              {
                title: `Set ${least} px`,
                restyle: (before) => withValue(before, styling, limit, `${least}px`),
              },
            ],
            target: null,
          },
        ]
      })
    })
  },
}
