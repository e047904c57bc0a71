import { fromItsStart, parameterName, withAsk } from '../../core/pages/asks'
import { longestSearch, searchControl } from '../../core/visitors/search'
import type { SearchControl } from '../../core/visitors/search'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** A field for words, in a form that keeps whatever else is asked of the page. */
export async function searchContent(
  control: SearchControl,
  choice: string | null,
  { ask, placement, known }: ControlsAsked,
): Promise<Loaded<'search'>> {
  const parameter = searchControl.parameter(control, known.named) ?? ''
  const { query } = withAsk(ask, placement, fromItsStart, { [parameter]: null })
  return {
    content: {
      parameter: parameterName(ask, placement, parameter),
      typed: choice ?? '',
      most: longestSearch,
      hint: control.hint,
      button: control.button,
      others: [...query].map(([name, value]) => ({ name, value })),
    },
    inSight: 1,
  }
}
