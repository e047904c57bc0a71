import { string } from 'yup'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

/** The same few words on every card that meets its condition: “On sale”, “New”. */
export interface LabelSetting extends PartBase {
  readonly part: 'label'
  readonly text: string
}

export const label = definePart<'label', LabelSetting, { readonly text: string }>({
  name: 'label',
  title: 'Label',
  styled: '.label',
  schema: partSettings('label', {
    text: string().required('Give the label its words.').max(60, 'Keep a label within 60 characters.'),
  }),
  defaults: { part: 'label', on: true, text: 'New' },
  several: true,
  phrase: (setting) => `“${setting.text}”`,
  content: (setting) => ({ text: setting.text }),
})
