import type { Check } from './define'
import { namedEntries } from './named-entries'

/** What is told to end before it begins: visitors get it as over at once. */
export const endsBefore: Check = {
  name: 'ends-before',
  title: 'Ends before it begins',
  find({ cards }) {
    const wrong = cards.filter((card) => card.date?.endsBefore === true)
    const [first] = wrong
    if (first === undefined) return []
    const titles = [...new Set(wrong.map((card) => card.title))]
    const text =
      titles.length === 1
        ? `${namedEntries(titles)} ends before it begins: visitors get it as over at once.`
        : `${namedEntries(titles)} end before they begin: visitors get them as over at once.`
    return [{ text, mends: [], show: { entry: first.entry } }]
  },
}
