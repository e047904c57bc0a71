import type { NavigationLink } from '../../../navigation'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** Leads to everything of the entry's collection. */
export interface WayBackSetting extends PartBase {
  readonly part: 'way-back'
}

export const wayBack = definePart<'way-back', WayBackSetting, NavigationLink>({
  name: 'way-back',
  title: 'Way back',
  styled: '.way-back',
  isLarge: true,
  schema: partSettings('way-back'),
  defaults: { part: 'way-back', on: true, prefix: 'Back to ' },
  wraps: true,
  phrase: () => 'way back',
  content: (_setting, { full }) => full?.collection ?? null,
})
