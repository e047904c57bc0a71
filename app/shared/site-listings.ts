import { computed, ref } from 'vue'
import { sentenceOf, sentenceText } from '~~/core/listing/sentence'
import type { ListingRow } from '~~/core/pages/answers'
import { useCatalogue } from '../stores/catalogue'
import { useAnswer } from './answers'
import { isFound } from './found'

/** A listing of the site as a list shows it. */
export interface SiteListing {
  readonly listing: ListingRow
  readonly name: string
  /** What it shows, in plain words. */
  readonly sentence: string
  /** Titles of the pages that it stands on. */
  readonly pages: readonly string[]
}

/** Every listing of the site by its name, narrowed to what is typed; asked for while it is wanted. */
export function useSiteListings(isWanted: () => boolean) {
  const catalogue = useCatalogue()
  const typed = ref('')
  const { answer, failure, again } = useAnswer<readonly ListingRow[]>(() =>
    isWanted() ? { path: '/api/bench/listings' } : null,
  )
  const all = computed((): readonly SiteListing[] =>
    (answer.value ?? [])
      .map((listing) => ({
        listing,
        name: listing.definition.name,
        sentence: sentenceText(sentenceOf(listing.definition, catalogue.words)),
        pages: [...new Set(listing.places.map((place) => place.page.title))],
      }))
      .toSorted((a, b) => a.name.localeCompare(b.name, catalogue.catalogue.locale)),
  )
  const rows = computed(() =>
    all.value.filter((row) => isFound(typed.value, [row.name, row.sentence, ...row.pages])),
  )
  return { typed, all, rows, failure, again, isLooking: computed(() => answer.value === undefined) }
}
