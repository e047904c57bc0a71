import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export interface DividerSetting extends PartBase {
  readonly part: 'divider'
}

export const divider = definePart<'divider', DividerSetting, Record<string, never>>({
  name: 'divider',
  title: 'Line',
  styled: '.line',
  schema: partSettings('divider'),
  defaults: { part: 'divider', on: true },
  several: true,
  phrase: () => 'line',
  content: () => ({}),
})
