import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { ownColoursIn } from '~~/core/looks/own-colours'
import { fittingsOn } from '~~/core/pages/restyled'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'

/** So many are offered. */
const most = 8

/** Colours of no palette that what is on the page and the site's looks are made of; found once for all who ask. */
export const useUsedColours = createSharedComposable(() => {
  const draft = useDraft()
  const catalogue = useCatalogue()
  return computed(() => {
    const listings = Object.values(draft.document.listings).map(({ look }) => look.own)
    const fittings = fittingsOn(draft.page).map(({ styles = [] }) => styles)
    const here = ownColoursIn([...listings, ...fittings])
    const shared = ownColoursIn(catalogue.catalogue.looks.map(({ styles }) => styles))
    return [...new Set([...here, ...shared])].slice(0, most)
  })
})
