import { registryOf } from '../registry'
import { crowdedText } from './crowded-text'
import { cutTitles } from './cut-titles'
import type { Check, CheckedPage, Finding } from './define'
import { emptyMonth } from './empty-month'
import { endsBefore } from './ends-before'
import { faintTexts } from './measured-texts'
import type { CheckedTexts } from './measured-texts'
import { faintText } from './faint-text'
import { headingLevels } from './heading-levels'
import { hurriedSlides } from './hurried-slides'
import { idleControls } from './idle-controls'
import { idleStyles } from './idle-styles'
import { longBar } from './long-bar'
import { missingPictures } from './missing-pictures'
import { outsideEvent } from './outside-event'
import { repeatedEntries } from './repeated-entries'
import { rowHoles } from './row-holes'
import { silentLinks } from './silent-links'
import { smallLetters } from './small-letters'
import { smallTargets } from './small-targets'
import { softPictures } from './soft-pictures'
import { ofListings, onFitting } from './styles'
import type { CheckedFitting } from './styles'
import { stretchedLine } from './stretched-line'
import { tooFew } from './too-few'
import { twoInARoom } from './two-in-a-room'
import { unevenAmounts } from './uneven-amounts'
import { unseenOrders } from './unseen-orders'

/** What is found in styles, of listings and of fittings. */
const styleChecks = [smallLetters, smallTargets, idleStyles]

/** Every check. A new one is a file beside these and a line here. */
export const checks = registryOf<Check>('check', [
  tooFew,
  repeatedEntries,
  rowHoles,
  softPictures,
  missingPictures,
  crowdedText,
  cutTitles,
  headingLevels,
  silentLinks,
  hurriedSlides,
  emptyMonth,
  stretchedLine,
  endsBefore,
  outsideEvent,
  twoInARoom,
  faintText,
  ...styleChecks.map(ofListings),
  longBar,
  idleControls,
  unseenOrders,
  unevenAmounts,
])

/** Everything that the checks find on a page: of listings, of fittings, and in what was measured there. */
export function findingsOf(
  page: CheckedPage,
  fittings: readonly CheckedFitting[] = [],
  measured: readonly CheckedTexts[] = [],
): readonly Finding[] {
  const onListings = page.listings.flatMap((listing) =>
    checks.all.flatMap((check) =>
      check
        .find(listing, page)
        .map((found) => ({ ...found, check: check.name, placement: listing.placement })),
    ),
  )
  const onFittings = fittings.flatMap((fitting) =>
    styleChecks.flatMap((check) => onFitting(check, fitting, page.values)),
  )
  return [...onListings, ...onFittings, ...measured.flatMap(faintTexts)]
}
