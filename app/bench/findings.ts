import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { findingsOf } from '~~/core/checks'
import type { CheckedListing } from '~~/core/checks/define'
import { frames } from '~~/core/pages/frames'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'

/** What the checks find on the page as it is shown; found once for all who ask. */
export const useFindings = createSharedComposable(() => {
  const bench = useBench()
  const catalogue = useCatalogue()
  return computed(() => {
    const listings = frames.get(bench.page.frame).areas.flatMap((area) =>
      bench.page.areas[area.name].flatMap((placement): CheckedListing[] => {
        const listing = bench.document.listings[placement.listing]
        const cards = bench.shown[placement.id]
        if (listing === undefined || cards === undefined) return []
        const left = bench.counts[placement.listing]?.steps.at(-1)
        return [
          {
            placement: placement.id,
            listing,
            area,
            cards,
            passing: left === undefined ? null : Math.max(0, left - listing.amount.skip),
          },
        ]
      }),
    )
    return findingsOf({ listings, letters: bench.letters, placeholder: catalogue.catalogue.placeholder })
  })
})
