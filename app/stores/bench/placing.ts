import { defineStore } from 'pinia'
import { ref } from 'vue'
import { begunFitting, fittingLabel } from '~~/core/fittings'
import type { FittingName } from '~~/core/fittings'
import { begunListing } from '~~/core/listing/begun'
import type { BegunWith } from '~~/core/listing/begun'
import type { EditedListing, ShelvedElsewhere } from '~~/core/pages/answers'
import type { PlacedFitting, PlacedListing, Placement, Spot } from '~~/core/pages/definition'
import { withListingReplaced, withPlacementMoved, withPlacementsAt } from '~~/core/pages/moves'
import { withParkedUntil, withReturned } from '~~/core/pages/parking'
import { unparked } from '~~/core/pages/places'
import { placementsAt, shownListingsOf, spotOf } from '~~/core/pages/standing'
import { useDraft } from './draft'
import { useSelection } from './selection'

/** What stands where on the page in work: each change is one edit of the draft. */
export const usePlacing = defineStore('placing', () => {
  const draft = useDraft()
  const selection = useSelection()
  /** The listing that was begun last, by its id. */
  const begun = ref<string | null>(null)

  /** Places a new listing of a collection at a spot, chooses it and opens what it shows. */
  function placeListing(spot: Spot, name: string, collection: BegunWith): void {
    const placement: PlacedListing = {
      kind: 'listing',
      id: crypto.randomUUID(),
      listing: crypto.randomUUID(),
      heading: '',
    }
    draft.apply(`Place “${name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), placement]),
      listings: { ...before.listings, [placement.listing]: begunListing(name, collection) },
    }))
    begun.value = placement.listing
    selection.choose(placement.id)
    selection.showDrawer('from')
  }

  /**
   * Places a listing that exists at the end of a spot: itself, so that it changes wherever it stands,
   * or as a copy of its own by that name. The id of where it stands.
   */
  function placeExisting(spot: Spot, existing: EditedListing, ownName: string | null): string {
    const placement: PlacedListing = {
      kind: 'listing',
      id: crypto.randomUUID(),
      listing: ownName === null ? existing.id : crypto.randomUUID(),
      heading: '',
    }
    const known = draft.document.listings[existing.id]
    if (ownName === null && known === undefined) draft.listingVersions.set(existing.id, existing.version)
    const same = known ?? existing.definition
    const definition = ownName === null ? same : { ...same, name: ownName }
    draft.apply(`Place “${definition.name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), placement]),
      listings: { ...before.listings, [placement.listing]: definition },
    }))
    return placement.id
  }

  /** Gives this page a copy of a listing, by that name, in its place: the other pages keep theirs. */
  function makeOwn(listing: string, name: string): void {
    const definition = draft.document.listings[listing]
    if (definition === undefined) return
    const own = crypto.randomUUID()
    draft.apply(`Make “${definition.name}” this page’s own`, null, (before) => ({
      page: withListingReplaced(before.page, listing, own),
      listings: { ...before.listings, [own]: { ...definition, name } },
    }))
  }

  /** Places a new fitting at a spot of a site with these collections, chooses it and opens what can be set. */
  function placeFitting(spot: Spot, name: FittingName, collections: readonly number[]): void {
    const listed = shownListingsOf(draft.page).flatMap(
      (one) => draft.document.listings[one.listing]?.from.collections ?? [],
    )
    const placement: PlacedFitting = {
      kind: 'fitting',
      id: crypto.randomUUID(),
      heading: '',
      fitting: begunFitting(name, [...listed, ...collections]),
    }
    draft.editPage(`Place “${nameOf(placement)}”`, (before) =>
      withPlacementsAt(before, spot, [...placementsAt(before, spot), placement]),
    )
    selection.choose(placement.id)
    selection.openDrawer('fitting')
  }

  /**
   * Places a thing like one that is placed, right after it; a listing with a name of its own. The id
   * of where it stands.
   */
  function duplicate(placement: Placement, name: string): string {
    const own = { ...placement, id: crypto.randomUUID() }
    const copy: Placement = own.kind === 'listing' ? { ...own, listing: crypto.randomUUID() } : own
    const spot = spotOf(draft.page, placement.id) ?? 'shelf'
    draft.apply(`Duplicate “${nameOf(placement)}”`, null, (before) => {
      const original = placement.kind === 'listing' ? before.listings[placement.listing] : undefined
      const there = placementsAt(before.page, spot)
      const at = there.findIndex((one) => one.id === placement.id) + 1
      return {
        page: withPlacementsAt(before.page, spot, there.toSpliced(at, 0, copy)),
        listings:
          copy.kind === 'listing' && original !== undefined
            ? { ...before.listings, [copy.listing]: { ...original, name } }
            : before.listings,
      }
    })
    return copy.id
  }

  /** Takes a thing off the page, also off its shelf. Undo brings it back. */
  function remove(placement: Placement): void {
    const spot = spotOf(draft.page, placement.id)
    if (spot === null) return
    draft.editPage(`Remove “${nameOf(placement)}”`, (before) =>
      withPlacementsAt(
        before,
        spot,
        placementsAt(before, spot).filter((one) => one.id !== placement.id),
      ),
    )
  }

  /**
   * Brings something from the shelf of another page, with everything set for it, to the end of a spot:
   * it lies there no more once that is saved.
   */
  function bring({ placement, listing }: ShelvedElsewhere, spot: Spot): void {
    if (listing !== null) draft.listingVersions.set(listing.id, listing.version)
    const own = spot === 'shelf' ? placement : unparked(placement)
    const name = listing?.definition.name ?? nameOf(placement)
    draft.apply(`Bring “${name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), own]),
      listings: listing === null ? before.listings : { ...before.listings, [listing.id]: listing.definition },
    }))
  }

  /** Puts something from the shelf back where it stood. */
  function putBack(placement: Placement): void {
    draft.editPage(`Put back “${nameOf(placement)}”`, (before) => withReturned(before, placement.id))
  }

  /** Says on which day (ISO 8601) something on the shelf comes back by itself; null for none. */
  function parkUntil(placement: Placement, until: string | null): void {
    draft.editPage(
      `On the shelf until: “${nameOf(placement)}”`,
      (before) => withParkedUntil(before, placement.id, until),
      `${placement.id} until`,
    )
  }

  function move(placement: Placement, spot: Spot, at: number): void {
    const title = spot === 'shelf' ? 'Keep on the shelf' : 'Move'
    draft.editPage(`${title}: “${nameOf(placement)}”`, (before) =>
      withPlacementMoved(before, placement.id, spot, at),
    )
  }

  /** What a placed thing is called in the bench. */
  function nameOf(placement: Placement): string {
    return placement.kind === 'fitting'
      ? fittingLabel(placement.fitting)
      : (draft.document.listings[placement.listing]?.name ?? '')
  }

  return {
    begun,
    placeListing,
    placeExisting,
    makeOwn,
    placeFitting,
    duplicate,
    remove,
    bring,
    putBack,
    parkUntil,
    move,
    nameOf,
  }
})
