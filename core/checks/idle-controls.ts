import { controlKey } from '../visitors'
import type { Check } from './define'

/** A control that offers nothing, so that visitors do not get to see it. */
export const idleControls: Check = {
  name: 'idle-controls',
  title: 'Controls that offer nothing',
  find({ listing, offered = [] }) {
    return listing.visitors.controls.flatMap((control, at) => {
      if (offered[at] !== 0) return []
      const place = ['first', 'second', 'third'][at] ?? `${at + 1}th`
      return [
        {
          text: `The ${place} control offers nothing: no entry shown has any of what it chooses by, and visitors don’t see it.`,
          mends: [
            {
              title: 'Remove it',
              edit: (before) => ({
                ...before,
                visitors: {
                  ...before.visitors,
                  controls: before.visitors.controls.filter((one) => controlKey(one) !== controlKey(control)),
                },
              }),
            },
          ],
          show: {},
        },
      ]
    })
  },
}
