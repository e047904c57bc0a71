import { boolean, number, object, string } from 'yup'
import { definePart } from './define'

export interface TitleSetting {
  readonly part: 'title'
  readonly on: boolean
  /** HTML heading level, 2 to 6. */
  readonly level: number
}

export interface TitleContent {
  readonly text: string
  readonly address: string
  readonly element: string
}

export const title = definePart<'title', TitleSetting, TitleContent>({
  name: 'title',
  title: 'Title',
  schema: object({
    part: string<'title'>().oneOf(['title']).required(),
    on: boolean().required(),
    level: number().integer().min(2, 'Headings on cards are 2 to 6.').max(6, 'Headings on cards are 2 to 6.').required(),
  })
    .noUnknown()
    .required(),
  defaults: { part: 'title', on: true, level: 3 },
  phrase: () => 'title',
  content: (setting, entry) => ({
    text: entry.title,
    address: entry.address,
    element: `h${setting.level}`,
  }),
})
