import type { RuleSettings } from '~~/core/fittings/rule'

/** What the settings of fittings say. */
export const words = {
  text: 'Words',
  level: 'Level of the heading',
  levels: [
    { value: 2, title: '2: a part of the page' },
    { value: 3, title: '3: within a part' },
    { value: 4, title: '4: smaller still' },
  ],
  line: 'Line',
  lines: { hairline: 'Fine', thick: 'Thick', dots: 'Dots' } satisfies Record<RuleSettings['line'], string>,
  height: 'Height',
} as const
