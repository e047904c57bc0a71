import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { ownColoursIn } from '~~/core/looks/own-colours'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'

/** So many are offered. */
const most = 8

/** Colours of no palette that the page's listings and the site's looks are made of; found once for all who ask. */
export const useUsedColours = createSharedComposable(() => {
  const draft = useDraft()
  const catalogue = useCatalogue()
  return computed(() => {
    const here = ownColoursIn(Object.values(draft.document.listings).map(({ look }) => look.own))
    const shared = ownColoursIn(catalogue.catalogue.looks.map(({ styles }) => styles))
    return [...new Set([...here, ...shared])].slice(0, most)
  })
})
