import { mixed } from 'yup'
import { emptyDocument, parseRichText } from '../content/rich-text/document'
import type { RichText } from '../content/rich-text/document'
import { textOfDocument } from '../content/rich-text/text'
import { defineFitting, fittingSettings } from './define'

export interface NoteSettings {
  readonly text: RichText
}

/** Some words of the designer's own: with paragraphs, lists, links and emphasis. */
export const note = defineFitting<'note', NoteSettings>({
  name: 'note',
  title: 'Note',
  about: 'Words of your own, with paragraphs, lists and links',
  defaults: { text: emptyDocument },
  styled: [
    { name: 'note', title: 'Text' },
    { name: 'note-heading', title: 'Heading in the text', selector: '.note :is(h2, h3, h4)' },
    { name: 'note-link', title: 'Link', selector: '.note a' },
  ],
  schema: fittingSettings('note', {
    text: mixed<RichText>()
      .required()
      .test('rich-text', 'The note is not written as rich text.', (value) => parseRichText(value).ok),
  }),
  label: ({ text }) => firstWords(textOfDocument(text)),
})

/** So many characters of a note stand for it in a list. */
const mostCharacters = 60

function firstWords(text: string): string {
  const [line = ''] = text.trim().split('\n')
  return line.length <= mostCharacters
    ? line
    : `${Array.from(line)
        .slice(0, mostCharacters)
        .join('')
        .replace(/\s\S*$/, '')}…`
}
