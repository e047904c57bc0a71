import type { SearchSettings } from '../../core/fittings/search'
import type { FittingContents } from '../../site/view'
import type { FittingAsked } from './index'

/** The words that were looked for stay in the field. */
export function searchContent(
  _settings: SearchSettings,
  { subject }: FittingAsked,
): Promise<FittingContents['search']> {
  return Promise.resolve(subject?.kind === 'search' ? subject.words : '')
}
