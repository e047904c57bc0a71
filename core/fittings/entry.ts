import { array } from 'yup'
import { mostParts, repeatedAmong, tellReads } from '../cards/card'
import { partSchema, parts } from '../cards/parts'
import type { PartSetting } from '../cards/parts'
import { partTargets } from '../cards/targets'
import { entryLayouts } from './entry-layouts'
import { defineFitting, fittingSettings } from './define'

export interface EntrySettings {
  /** Its parts where they sit, as on a card; with those that are for an entry's own page only. */
  readonly parts: readonly PartSetting[]
}

/** Asked before the parts themselves are, so that these can be anything. */
function isOnce(shown: readonly unknown[]): boolean {
  const known = shown.filter((one) => typeof one === 'object' && one !== null) as readonly PartSetting[]
  return repeatedAmong(known) === null
}

/** The entry whose page it stands on: all of it, or some, so that several can share it out. */
export const entryFitting = defineFitting<'entry', EntrySettings>({
  name: 'entry',
  title: 'The entry',
  about: 'What the page is about: its title, pictures, text and fields, laid out as on a card',
  defaults: { parts: entryLayouts.whole },
  styled: [{ name: 'entry', title: 'All of it' }],
  alsoStyled: ({ parts: shown }) => {
    const carried = new Set(shown.filter(({ on }) => on).map(({ part }) => part))
    return parts.all.filter(({ name }) => carried.has(name)).flatMap(partTargets)
  },
  schema: fittingSettings('entry', {
    parts: array(partSchema)
      .max(mostParts, 'An entry is laid out with at most 40 parts.')
      .test('once', 'A part stands here twice. Remove one.', (shown = []) => isOnce(shown))
      .required(),
  }),
  showsEntries: true,
  showsReads: ({ parts }) => tellReads(parts),
})
