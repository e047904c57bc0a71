import { readingMinutes } from '../../formats/reading-time'
import { cardWords } from '../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { numberFormat } from '../../formats/formatters'

export interface ReadingTimeSetting extends PartBase {
  readonly part: 'reading-time'
}

export const readingTime = definePart<'reading-time', ReadingTimeSetting, { readonly text: string }>({
  name: 'reading-time',
  title: 'Reading time',
  styled: '.fact',
  schema: partSettings('reading-time'),
  defaults: { part: 'reading-time', on: false },
  wraps: true,
  phrase: () => 'reading time',
  content(_, entry, { locale, readingPace }) {
    const minutes = readingMinutes(entry.wordCount, readingPace)
    return minutes === 0
      ? null
      : {
          text: cardWords.readingTime(
            numberFormat(locale, { style: 'unit', unit: 'minute', unitDisplay: 'short' }).format(minutes),
          ),
        }
  },
})
