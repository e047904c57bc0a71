import { controlKey } from '../visitors'
import type { Control } from '../visitors'
import type { Check, Mend } from './define'

/** Common practice: more than this many choices side by side are not taken in at a glance. */
const most = 12

/** Layouts in which choices stand side by side. */
const sideBySide: readonly string[] = ['bar', 'tabs']

/** What each kind of control has side by side. */
const things: Partial<Record<Control['control'], string>> = {
  terms: 'terms',
  values: 'choices',
  authors: 'authors',
}

/** A bar of more choices than are taken in at a glance. */
export const longBar: Check = {
  name: 'long-bar',
  title: 'Bars with too many choices',
  find({ listing, offered = [] }) {
    return listing.visitors.controls.flatMap((control, at) => {
      const count = offered[at] ?? 0
      const named = things[control.control]
      if (named === undefined || !('layout' in control)) return []
      if (!sideBySide.includes(control.layout) || count <= most) return []
      return [
        {
          text: `Visitors find ${count} ${named} side by side in one bar: more than ${most} are not taken in at a glance.`,
          mends: [
            ...fewer(control).map((change) => mend('Keep the most used in sight', control, change)),
            mend('Make it a list', control, { layout: 'list' }),
          ],
          show: {},
        },
      ]
    })
  },
}

/** What leaves fewer in sight, the rest folding out; nothing for a control that shows all it has. */
function fewer({ control }: Control): readonly object[] {
  if (control === 'terms') return [{ offer: 'most-used', most: 8 }]
  return control === 'authors' ? [{ most: 8 }] : []
}

/** A way to mend it by setting otherwise the control of the same thing. */
function mend(title: string, control: Control, change: object): Mend {
  const key = controlKey(control)
  const set = (one: Control): Control => (controlKey(one) === key ? ({ ...one, ...change } as Control) : one)
  return {
    title,
    edit: (before) => ({
      ...before,
      visitors: { ...before.visitors, controls: before.visitors.controls.map(set) },
    }),
  }
}
