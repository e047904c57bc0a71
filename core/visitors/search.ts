import { array, mixed, object, string } from 'yup'
import { columnOf } from '../rules/columns'
import { largestId, textSchema } from '../schemas'
import { wordParts } from '../text/placed-words'
import type { WordPlace } from '../text/placed-words'
import { wantedWords } from '../text/search-words'
import { defineControl } from './define'
import type { AskedSite } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { fieldTargets } from './ways'

/** Looking for words in what the entries of a listing say. */
export interface SearchControl extends Labelled {
  readonly control: 'search'
  /** Read in the empty field. */
  readonly hint: string
  /** On the button. */
  readonly button: string
  /** Where it looks: parts of entries, and fields by their ids; everywhere where nothing is said. */
  readonly within?: readonly WordPlace[]
}

export const newSearchControl: SearchControl = {
  control: 'search',
  ...usualLabel,
  labelHidden: true,
  hint: 'Words to look for',
  button: 'Find',
}

/** So many places can be named: more than collections have fields of words. */
export const mostPlaces = 400

/** So many characters are looked for at most. */
export const longestSearch = 200

export const searchControl = defineControl<'search', SearchControl, string>({
  name: 'search',
  title: 'Search',
  schema: object({
    control: string<'search'>().oneOf(['search']).required(),
    ...labelledSchema,
    hint: textSchema().defined().max(80, 'Keep these words within 80 characters.'),
    button: textSchema().required('Give the button a word.').max(40, 'Keep it within 40 characters.'),
    within: array(mixed<WordPlace>().test('place', 'This is no part of an entry.', isPlace).required())
      .min(1, 'Look somewhere.')
      .max(mostPlaces, `Look in at most ${mostPlaces} places.`)
      .test('once', 'A place is named once.', (all) => new Set(all).size === (all ?? []).length),
  })
    .noUnknown()
    .required(),
  styled: [...fieldTargets, { name: 'narrow-found', title: 'Words that were found', selector: '.card mark' }],
  label: ({ label }) => label || 'Words',
  of: () => '',
  parameter: () => 'search',
  read(_, text, { words }) {
    const asked = text.trim().slice(0, longestSearch)
    return { choice: wantedWords(asked, words.locale).length === 0 ? null : asked, unknown: [] }
  },
  write: (_, choice) => choice.trim(),
  asks({ within }, choice, site) {
    const words = wantedWords(choice, site.words.locale)
    const places = within?.flatMap((place) => placesOf(place, site)) ?? []
    // Where all that was chosen is gone, it looks everywhere, as one does that nobody set.
    return places.length === 0 ? { test: 'words', words } : { test: 'words', words, within: places }
  },
  isOneOfFew: () => false,
  told: (_, choice) => [{ title: `“${choice}”`, without: null }],
})

function isPlace(value: unknown): boolean {
  return typeof value === 'number'
    ? Number.isInteger(value) && value >= 0 && value <= largestId
    : wordParts.some((part) => part === value)
}

/** A place in the entries of a listing: a field is that of each of its collections. */
function placesOf(place: WordPlace, { words, collections }: AskedSite): readonly WordPlace[] {
  if (typeof place !== 'number') return [place]
  const known = words.field(place)
  return known === undefined ? [] : columnOf(known, { words, collections }).fields.map(({ field }) => field)
}
