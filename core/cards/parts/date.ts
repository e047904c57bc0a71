import { boolean, object, string } from 'yup'
import { formatDate } from '../../time/format'
import { definePart } from './define'

export interface DateSetting {
  readonly part: 'date'
  readonly on: boolean
}

export interface DateContent {
  readonly text: string
  /** RFC 3339, for machines. */
  readonly instant: string
}

export const date = definePart<'date', DateSetting, DateContent>({
  name: 'date',
  title: 'Date',
  schema: object({ part: string<'date'>().oneOf(['date']).required(), on: boolean().required() })
    .noUnknown()
    .required(),
  defaults: { part: 'date', on: true },
  phrase: () => 'date',
  content: (_, entry, context) => ({
    text: formatDate(entry.publishedAt, context),
    instant: new Date(entry.publishedAt).toISOString(),
  }),
})
