import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { findingsOf } from '~~/core/checks'
import type { CheckedListing } from '~~/core/checks/define'
import { sharedStyles } from '~~/core/listing/look'
import { listingBox } from '~~/core/pages/bands/geometry'
import { listingsStandingOn, standingOn } from '~~/core/pages/standing'
import { useDraft } from '../stores/bench/draft'
import { useShown } from '../stores/bench/shown'
import { useCatalogue } from '../stores/catalogue'
import { useMeasuredTexts } from './look/measured-texts'

/** What the checks find on the page as it is shown; found once for all who ask. */
export const useFindings = createSharedComposable(() => {
  const draft = useDraft()
  const shown = useShown()
  const catalogue = useCatalogue()
  const measured = useMeasuredTexts()
  return computed(() => {
    const listings = listingsStandingOn(draft.page).flatMap(({ box, placement }): CheckedListing[] => {
      const listing = draft.document.listings[placement.listing]
      const cards = shown.cards[placement.id]
      if (listing === undefined || cards === undefined) return []
      const left = shown.counts[placement.listing]?.steps.at(-1)
      return [
        {
          placement: placement.id,
          listing,
          followed: sharedStyles(listing.look, catalogue.words),
          box: listingBox(box, listing.visitors),
          cards,
          over: shown.overPictures[placement.id],
          offered: shown.offered[placement.id],
          passing: left === undefined ? null : Math.max(0, left - listing.amount.skip),
        },
      ]
    })
    const { placeholder, values } = catalogue.catalogue
    const page = { listings, letters: shown.letters, placeholder, values }
    const fittings = standingOn(draft.page).flatMap(({ placement }) =>
      placement.kind === 'fitting'
        ? [{ placement: placement.id, fitting: placement.fitting, styles: placement.styles ?? [] }]
        : [],
    )
    return findingsOf(page, fittings, measured.value)
  })
})
