import { defineStore } from 'pinia'
import { parseListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { useDraft } from './draft'
import { useSelection } from './selection'

/**
 * Edits of listings. A definition that is not valid is not taken: its first message is returned, for the
 * control that caused it.
 */
export const useListingEdits = defineStore('listing-edits', () => {
  const draft = useDraft()
  const selection = useSelection()

  /** Changes a listing of the page in work. */
  function edit(
    id: string,
    title: string,
    change: (listing: Listing) => Listing,
    subject?: string,
  ): string | null {
    const before = draft.document.listings[id]
    if (before === undefined) return null
    const parsed = parseListing(change(before))
    if (!parsed.ok) return parsed.faults[0]?.message ?? 'This cannot be set.'
    draft.setListing(id, title, parsed.value, subject)
    return null
  }

  /** Changes the chosen listing. */
  function editChosen(title: string, change: (listing: Listing) => Listing, subject?: string): string | null {
    return selection.listingId === null ? null : edit(selection.listingId, title, change, subject)
  }

  return { edit, editChosen }
})
