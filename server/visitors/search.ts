import { longestSearch } from '../../core/visitors/search'
import type { SearchControl } from '../../core/visitors/search'
import { othersAsked } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

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
