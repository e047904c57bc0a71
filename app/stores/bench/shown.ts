import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { EditedPage } from '~~/core/pages/answers'
import type { CheckedListing, CheckedPage, ShownCard } from '~~/core/checks/define'
import type { ListingCounts } from '~~/core/query/answers'

/** What is known of the page as it is shown: told by the server for each edit, or measured in the frame. */
export const useShown = defineStore('shown', () => {
  /** By listing: how many entries its steps and rules let through. */
  const counts = ref<Readonly<Record<string, ListingCounts>>>({})
  /** By listing: why it can't be shown as it is. */
  const troubles = ref<Readonly<Record<string, string>>>({})
  /** By placement: what its cards show. */
  const cards = ref<Readonly<Record<string, readonly ShownCard[]>>>({})
  /** By placement: how many choices each of its controls has in sight. */
  const offered = ref<Readonly<Record<string, readonly number[]>>>({})
  /** How wide letters are on the page, in CSS pixels. */
  const letters = ref<CheckedPage['letters']>(null)
  /** By placement and part: what was measured of what lies over pictures. */
  const overPictures = ref<Readonly<Record<string, CheckedListing['over']>>>({})
  /** Why the part in hand is not to be seen on the page; null when it is. */
  const partTrouble = ref<'absent' | 'hidden' | 'covered' | null>(null)

  /** The page itself, in its frame: another value each time it may look otherwise. */
  const page = shallowRef<{ readonly document: Document } | null>(null)

  /** Nothing is known of a page that was just opened but what could not be read of it. */
  function open(loaded: EditedPage): void {
    page.value = null
    counts.value = {}
    cards.value = {}
    offered.value = {}
    overPictures.value = {}
    troubles.value = Object.fromEntries(
      loaded.listings.flatMap(({ id, trouble }) => (trouble === undefined ? [] : [[id, trouble]])),
    )
  }

  return { counts, troubles, cards, offered, letters, overPictures, partTrouble, page, open }
})
