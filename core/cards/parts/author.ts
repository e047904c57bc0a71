import { boolean, object, string } from 'yup'
import { definePart } from './define'

export interface AuthorSetting {
  readonly part: 'author'
  readonly on: boolean
}

export const author = definePart<'author', AuthorSetting, { readonly name: string }>({
  name: 'author',
  title: 'Author',
  schema: object({ part: string<'author'>().oneOf(['author']).required(), on: boolean().required() })
    .noUnknown()
    .required(),
  defaults: { part: 'author', on: false },
  phrase: () => 'author',
  content: (_, entry) => (entry.author === null ? null : { name: entry.author }),
})
