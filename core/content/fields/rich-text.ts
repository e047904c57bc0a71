import { object } from 'yup'
import { documentOfText, isEmptyDocument, parseRichText } from '../rich-text/document'
import type { RichText } from '../rich-text/document'
import { textOfDocument } from '../rich-text/text'
import { refusal } from './define'
import type { FieldType } from './define'

/** Text with headings, lists, links and emphasis, kept as a document. */
export const richText: FieldType<'rich-text', object, RichText> = {
  name: 'rich-text',
  title: 'Rich text',
  about: 'Text with headings, lists, links and emphasis.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    const parsed = parseRichText(input)
    return parsed.ok && isEmptyDocument(parsed.value) ? refusal('This is empty.') : parsed
  },
  read: (text) => (text.trim() === '' ? refusal('This is empty.') : parseRichText(documentOfText(text))),
  // The words alone: a plain text cannot hold the rest.
  write: (value) => textOfDocument(value),
  format: (value) => textOfDocument(value),
  filter: 'presence',
  sort: null,
  sortKey: null,
}
