import { cardWords } from '../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { numberFormat } from '../../formats/formatters'

export interface ViewsSetting extends PartBase {
  readonly part: 'views'
}

export const views = definePart<'views', ViewsSetting, { readonly text: string }>({
  name: 'views',
  title: 'Reads',
  styled: '.fact',
  schema: partSettings('views'),
  defaults: { part: 'views', on: false },
  wraps: true,
  phrase: () => 'reads',
  showsReads: () => true,
  content: (_, entry, { locale }) => ({
    text: cardWords.reads(entry.views, numberFormat(locale).format(entry.views)),
  }),
})
