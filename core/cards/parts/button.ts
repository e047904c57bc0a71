import { boolean, string } from 'yup'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export const buttonForms = ['link', 'button'] as const

/** A way to the entry's page, besides its title. */
export interface ButtonSetting extends PartBase {
  readonly part: 'button'
  readonly text: string
  readonly form: (typeof buttonForms)[number]
  /** Whether the entry's title is read out after the words, so that they say where they lead. */
  readonly titled?: boolean
}

export interface ButtonContent {
  readonly text: string
  readonly form: (typeof buttonForms)[number]
  /** Read out after the words; empty for nothing. */
  readonly about: string
}

export const button = definePart<'button', ButtonSetting, ButtonContent>({
  name: 'button',
  title: 'Button',
  schema: partSettings('button', {
    text: string().required('Give it its words.').max(60, 'Keep the words within 60 characters.'),
    form: string()
      .oneOf([...buttonForms])
      .required(),
    titled: boolean(),
  }),
  defaults: { part: 'button', on: false, text: 'Read on', form: 'link', titled: true, zone: 'foot' },
  phrase: (setting) => `“${setting.text}”`,
  content: ({ text, form, titled = false }, entry) => ({ text, form, about: titled ? entry.title : '' }),
})
