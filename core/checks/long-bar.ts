import type { Listing } from '../listing/definition'
import type { TermsControl } from '../visitors/terms'
import type { Check } from './define'

/** Common practice: more than this many choices side by side are not taken in at a glance. */
const most = 12

/** Layouts in which terms stand side by side. */
const sideBySide: readonly string[] = ['bar', 'tabs']

/** A bar of more terms than are taken in at a glance. */
export const longBar: Check = {
  name: 'long-bar',
  title: 'Bars with too many terms',
  find({ listing, offered = [] }) {
    return listing.visitors.controls.flatMap((control, at) => {
      const count = offered[at] ?? 0
      if (control.control !== 'terms' || !sideBySide.includes(control.layout) || count <= most) return []
      return [
        {
          text: `Visitors find ${count} terms side by side in one bar: more than ${most} are not taken in at a glance.`,
          mends: [
            {
              title: 'Keep the most used in sight',
              edit: (before) => withControl(before, control, { offer: 'most-used', most: 8 }),
            },
            {
              title: 'Make it a list',
              edit: (before) => withControl(before, control, { layout: 'list' }),
            },
          ],
          show: {},
        },
      ]
    })
  },
}

/** The listing with the control of the same facet set otherwise. */
function withControl(listing: Listing, { facet }: TermsControl, change: Partial<TermsControl>): Listing {
  const controls = listing.visitors.controls.map((one) =>
    one.control === 'terms' && one.facet === facet ? { ...one, ...change } : one,
  )
  return { ...listing, visitors: { ...listing.visitors, controls } }
}
