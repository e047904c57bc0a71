import { boolean } from 'yup'
import { pictureAddress, widthFor } from '../../pictures/picture'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export interface AuthorSetting extends PartBase {
  readonly part: 'author'
  /** Whether the portrait stands beside the name. */
  readonly portrait?: boolean
}

export interface AuthorContent {
  readonly name: string
  /** Address of the portrait at about twice its shown size; null for none. */
  readonly portrait: string | null
}

/** Width and height of a portrait on a card, in CSS pixels. */
export const portraitWidth = 32

export const author = definePart<'author', AuthorSetting, AuthorContent>({
  name: 'author',
  title: 'Author',
  styled: '.fact',
  schema: partSettings('author', { portrait: boolean() }),
  defaults: { part: 'author', on: false },
  wraps: true,
  phrase: (setting) => (setting.portrait ? 'author with portrait' : 'author'),
  content({ portrait }, { author: person }) {
    if (person === null) return null
    const width = person.portrait === null ? 0 : widthFor(person.portrait, 2 * portraitWidth)
    return {
      name: person.name,
      portrait: portrait && person.portrait !== null ? pictureAddress(person.portrait, width) : null,
    }
  },
})
