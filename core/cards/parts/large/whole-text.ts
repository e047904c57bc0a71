import { isEmptyDocument } from '../../../content/rich-text/document'
import { htmlOfDocument } from '../../../content/rich-text/html'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** All of the entry's own text. */
export interface WholeTextSetting extends PartBase {
  readonly part: 'whole-text'
}

export interface WholeTextContent {
  /** Made by the core's own writer from a checked document. */
  readonly html: string
}

export const wholeText = definePart<'whole-text', WholeTextSetting, WholeTextContent>({
  name: 'whole-text',
  title: 'Whole text',
  styled: '.whole-text',
  isLarge: true,
  schema: partSettings('whole-text'),
  defaults: { part: 'whole-text', on: true },
  phrase: () => 'whole text',
  content: (_setting, { full }) =>
    full === null || isEmptyDocument(full.body) ? null : { html: htmlOfDocument(full.body) },
})
