import { targetsOf } from '../listing/targets'
import { pixelsOf } from '../looks/length-pixels'
import { withValue } from '../looks/styles'
import { wholeLook } from './define'
import type { Check } from './define'

/** What is pressed is as wide and as high as this, in CSS pixels (WCAG 2.2, 2.5.8). */
const least = 24

const limits = { 'most-width': 'wide', 'most-height': 'high' } as const
type Limit = keyof typeof limits

/** What visitors press and a look makes too small to be hit. */
export const smallTargets: Check = {
  name: 'small-targets',
  title: 'Too small to be pressed',
  find({ listing, followed }) {
    const pressed = targetsOf(listing).filter(({ isPressed }) => isPressed === true)
    return wholeLook({ listing, followed }).flatMap((styling) => {
      const target = pressed.find(({ name }) => name === styling.target)
      if (target === undefined) return []
      return (Object.keys(limits) as Limit[]).flatMap((limit) => {
        const length = styling.set[limit]
        const size = length === undefined ? null : pixelsOf(length, [])
        if (size === null || size >= least) return []
        return [
          {
            text: `${target.title} is ${size} px ${limits[limit]} at most: ${least} is the least that a finger hits.`,
            mends: [
              {
                title: `Set ${least} px`,
                edit: (before) => ({
                  ...before,
                  look: { ...before.look, own: withValue(before.look.own, styling, limit, `${least}px`) },
                }),
              },
            ],
            show: {},
          },
        ]
      })
    })
  },
}
