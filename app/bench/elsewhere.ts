import type { ListingPlace } from '~~/core/pages/answers'
import { andList } from '~~/core/words'
import { useAnswer } from '../shared/answers'
import { useDraft } from '../stores/bench/draft'
import { useCatalogue } from '../stores/catalogue'

/** Where the listings of the page in work stand besides: what is changed of them changes there, too. */
export function useElsewhere() {
  const draft = useDraft()
  const catalogue = useCatalogue()
  const { answer } = useAnswer<Readonly<Record<string, readonly ListingPlace[]>>>(() => ({
    path: `/api/bench/pages/${draft.pageId}/elsewhere`,
  }))

  /** Names the other pages that a listing stands on, with `live` those whose visitors have it; null for none. */
  function pagesWith(listing: string, of: 'all' | 'live'): string | null {
    const places = (answer.value?.[listing] ?? []).filter((one) => of === 'all' || one.isLive)
    const titles = [...new Map(places.map(({ page }) => [page.id, `“${page.title}”`])).values()]
    return titles.length === 0 ? null : andList(titles, catalogue.catalogue.locale)
  }

  return { pagesWith }
}
