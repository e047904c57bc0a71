import { wantedWords } from '../../core/text/search-words'
import { choiceBy } from '../../core/visitors/choices'
import { longestSearch } from '../../core/visitors/search'
import type { SearchControl } from '../../core/visitors/search'
import type { FoundWords } from '../../site/view'
import { othersAsked } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** What a visitor looked for among the entries of a listing, to be marked where it stands; null for nothing. */
export function foundWords({ listing, choices, known }: ControlsAsked): FoundWords | null {
  const control = listing.visitors.controls.find((one) => one.control === 'search')
  const choice = control === undefined ? null : choiceBy<'search'>(choices, control)
  const { locale } = known.words
  return choice === null ? null : { words: wantedWords(choice, locale), locale }
}

/** A field for words, in a form that keeps whatever else is asked of the page. */
export async function searchContent(
  control: SearchControl,
  choice: string | null,
  of: ControlsAsked,
): Promise<Loaded<'search'>> {
  const { hint, button } = control
  return {
    content: { ...othersAsked(of, control), typed: choice ?? '', most: longestSearch, hint, button },
    inSight: 1,
  }
}
