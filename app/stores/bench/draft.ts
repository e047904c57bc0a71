import { defineStore } from 'pinia'
import { computed, markRaw, ref, shallowRef } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { beginHistory, edited, redone, undone } from '~~/core/edits/history'
import type { History } from '~~/core/edits/history'
import { begunFitting, fittingLabel } from '~~/core/fittings'
import type { FittingName } from '~~/core/fittings'
import type { Listing } from '~~/core/listing/definition'
import { begunListing } from '~~/core/listing/begun'
import type { BegunWith } from '~~/core/listing/begun'
import { parseListing } from '~~/core/listing/definition'
import {
  withBandChanged,
  withListingReplaced,
  withPlacementChanged,
  withPlacementMoved,
  withPlacementsAt,
} from '~~/core/pages/moves'
import { withParkedUntil, withReturned } from '~~/core/pages/parking'
import { unparked } from '~~/core/pages/places'
import { sharedAreaAt } from '~~/core/pages/shared-address'
import { placementsAt, shownListingsOf, spotOf } from '~~/core/pages/standing'
import type { Band } from '~~/core/pages/bands/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page, PlacedFitting, PlacedListing, Placement, Spot } from '~~/core/pages/definition'
import type { EditedListing, EditedPage, ShelvedElsewhere, SubjectOfPage } from '~~/core/pages/answers'
import { request } from '../../shared/http'

const emptyPage = newPage('')

/** The draft of a page, with every edit so far: what is changed here is undone and redone. */
export const useDraft = defineStore('draft', () => {
  const pageId = ref(0)
  const path = ref('/')
  /** What the page is shown for, where it is one for many things. */
  const subject = shallowRef<SubjectOfPage | null>(null)
  /** Which area this is, where it is a shared one and no page. */
  const sharedArea = computed(() => sharedAreaAt(path.value))
  const publishedAt = ref<number | null>(null)
  /** When it goes live by the clock. */
  const planned = shallowRef<EditedPage['planned']>(null)
  const differsFromLive = ref(false)
  const history = shallowRef<History<PageDocument>>(beginHistory({ page: emptyPage, listings: {} }))

  /** Where visitors see the page; on one for many things, its sample. */
  const liveAddress = computed(() => {
    if (sharedArea.value !== null) return null
    return subject.value === null ? path.value : (subject.value.sample?.address ?? null)
  })
  /** The version of each listing that was seen last, as a save says it. */
  const listingVersions = markRaw(new Map<string, number>())
  const document = computed(() => history.value.present)
  const page = computed(() => document.value.page)
  const nextUndo = computed(() => history.value.past.at(-1)?.title ?? null)
  const nextRedo = computed(() => history.value.future[0]?.title ?? null)

  /** Begins with the saved document; what was not saved yet is its first edit. */
  function open(loaded: EditedPage, saved: PageDocument, unsaved: PageDocument | null): void {
    pageId.value = loaded.id
    path.value = loaded.path
    subject.value = loaded.subject
    publishedAt.value = loaded.publishedAt
    planned.value = loaded.planned
    differsFromLive.value = loaded.changed
    history.value = beginHistory(saved)
    if (unsaved !== null) replace('Unsaved changes', unsaved)
  }

  /** Goes on with what could be undone and redone when this page was last open here. */
  function resume(kept: History<PageDocument>): void {
    history.value = kept
  }

  /**
   * Changes a listing. A definition that is not valid is not taken: its first message is returned,
   * for the control that caused it.
   */
  function editListing(
    id: string,
    title: string,
    change: (listing: Listing) => Listing,
    subject?: string,
  ): string | null {
    const before = document.value.listings[id]
    if (before === undefined) return null
    const parsed = parseListing(change(before))
    if (!parsed.ok) return parsed.faults[0]?.message ?? 'This cannot be set.'
    apply(title, subject === undefined ? null : `${id} ${subject}`, (draft) => ({
      ...draft,
      listings: { ...draft.listings, [id]: parsed.value },
    }))
    return null
  }

  function editPage(title: string, change: (page: Page) => Page, subject?: string): void {
    apply(title, subject ?? null, (before) => ({ ...before, page: change(before.page) }))
  }

  /** Changes how something stands on this page, or what is set for a fitting. */
  function editPlacement(
    id: string,
    title: string,
    change: (placement: Placement) => Placement,
    subject?: string,
  ): void {
    editPage(
      title,
      (before) => withPlacementChanged(before, id, change),
      subject === undefined ? undefined : `${id} ${subject}`,
    )
  }

  /** Changes a band. */
  function editBand(id: number, title: string, change: (band: Band) => Band, subject?: string): void {
    editPage(
      title,
      (before) => withBandChanged(before, id, change),
      subject === undefined ? undefined : `band ${id} ${subject}`,
    )
  }

  /** Places a new listing of a collection at a spot; the id of where it stands. */
  function place(spot: Spot, name: string, collection: BegunWith): string {
    const placement: PlacedListing = {
      kind: 'listing',
      id: crypto.randomUUID(),
      listing: crypto.randomUUID(),
      heading: '',
    }
    apply(`Place “${name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), placement]),
      listings: { ...before.listings, [placement.listing]: begunListing(name, collection) },
    }))
    return placement.id
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
    const known = document.value.listings[existing.id]
    if (ownName === null && known === undefined) listingVersions.set(existing.id, existing.version)
    const same = known ?? existing.definition
    const definition = ownName === null ? same : { ...same, name: ownName }
    apply(`Place “${definition.name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), placement]),
      listings: { ...before.listings, [placement.listing]: definition },
    }))
    return placement.id
  }

  /** Gives this page a copy of a listing, by that name, in its place: the other pages keep theirs. */
  function makeOwn(listing: string, name: string): void {
    const definition = document.value.listings[listing]
    if (definition === undefined) return
    const own = crypto.randomUUID()
    apply(`Make “${definition.name}” this page’s own`, null, (before) => ({
      page: withListingReplaced(before.page, listing, own),
      listings: { ...before.listings, [own]: { ...definition, name } },
    }))
  }

  /** Places a new fitting at a spot of a site with these collections; the id of where it stands. */
  function placeFitting(spot: Spot, name: FittingName, collections: readonly number[]): string {
    const listed = shownListingsOf(page.value).flatMap(
      (one) => document.value.listings[one.listing]?.from.collections ?? [],
    )
    const placement: PlacedFitting = {
      kind: 'fitting',
      id: crypto.randomUUID(),
      heading: '',
      fitting: begunFitting(name, [...listed, ...collections]),
    }
    editPage(`Place “${nameOf(placement)}”`, (before) =>
      withPlacementsAt(before, spot, [...placementsAt(before, spot), placement]),
    )
    return placement.id
  }

  /**
   * Places a thing like one that is placed, right after it; a listing with a name of its own. The id
   * of where it stands.
   */
  function duplicate(placement: Placement, name: string): string {
    const own = { ...placement, id: crypto.randomUUID() }
    const copy: Placement = own.kind === 'listing' ? { ...own, listing: crypto.randomUUID() } : own
    const spot = spotOf(page.value, placement.id) ?? 'shelf'
    apply(`Duplicate “${nameOf(placement)}”`, null, (before) => {
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
    const spot = spotOf(page.value, placement.id)
    if (spot === null) return
    editPage(`Remove “${nameOf(placement)}”`, (before) =>
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
    if (listing !== null) listingVersions.set(listing.id, listing.version)
    const own = spot === 'shelf' ? placement : unparked(placement)
    const name = listing?.definition.name ?? nameOf(placement)
    apply(`Bring “${name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), own]),
      listings: listing === null ? before.listings : { ...before.listings, [listing.id]: listing.definition },
    }))
  }

  /** Puts something from the shelf back where it stood. */
  function putBack(placement: Placement): void {
    editPage(`Put back “${nameOf(placement)}”`, (before) => withReturned(before, placement.id))
  }

  /** Says on which day (ISO 8601) something on the shelf comes back by itself; null for none. */
  function parkUntil(placement: Placement, until: string | null): void {
    editPage(
      `On the shelf until: “${nameOf(placement)}”`,
      (before) => withParkedUntil(before, placement.id, until),
      `${placement.id} until`,
    )
  }

  function move(placement: Placement, spot: Spot, at: number): void {
    const title = spot === 'shelf' ? 'Keep on the shelf' : 'Move'
    editPage(`${title}: “${nameOf(placement)}”`, (before) =>
      withPlacementMoved(before, placement.id, spot, at),
    )
  }

  /** What a placed thing is called in the bench. */
  function nameOf(placement: Placement): string {
    return placement.kind === 'fitting'
      ? fittingLabel(placement.fitting)
      : (document.value.listings[placement.listing]?.name ?? '')
  }

  function replace(title: string, next: PageDocument): void {
    apply(title, null, () => next)
  }

  function apply(
    title: string,
    subject: string | null,
    change: (before: PageDocument) => PageDocument,
  ): void {
    const next = change(document.value)
    history.value = edited(history.value, { title, subject, at: Date.now() }, (draft) => {
      if (draft.page !== next.page) draft.page = next.page as typeof draft.page
      for (const id of changedListings(document.value, next)) {
        const changed = next.listings[id]
        if (changed !== undefined) draft.listings[id] = changed as (typeof draft.listings)[string]
      }
    })
  }

  function undo(): void {
    history.value = undone(history.value)
  }

  function redo(): void {
    history.value = redone(history.value)
  }

  /** Publishes what was seen, by its versions. */
  async function publish(version: number, listings: Readonly<Record<string, number>>): Promise<EditedPage> {
    const done = await request<EditedPage>('POST', `/api/bench/pages/${pageId.value}/publish`, {
      version,
      listings,
    })
    publishedAt.value = done.publishedAt
    planned.value = done.planned
    differsFromLive.value = done.changed
    return done
  }

  /** Plans that what was seen goes live at an instant (epoch milliseconds). */
  async function plan(
    at: number,
    version: number,
    listings: Readonly<Record<string, number>>,
  ): Promise<EditedPage> {
    const body = { at, version, listings }
    const done = await request<EditedPage>('PUT', `/api/bench/pages/${pageId.value}/plan`, body)
    planned.value = done.planned
    return done
  }

  /** Gives up what was planned. */
  async function unplan(): Promise<void> {
    const done = await request<EditedPage>('DELETE', `/api/bench/pages/${pageId.value}/plan`)
    planned.value = done.planned
  }

  return {
    pageId,
    path,
    subject,
    sharedArea,
    publishedAt,
    planned,
    listingVersions,
    differsFromLive,
    liveAddress,
    document,
    page,
    nextUndo,
    nextRedo,
    open,
    resume,
    history,
    editListing,
    editPage,
    editPlacement,
    editBand,
    place,
    placeFitting,
    placeExisting,
    makeOwn,
    duplicate,
    remove,
    bring,
    putBack,
    parkUntil,
    move,
    nameOf,
    replace,
    undo,
    redo,
    publish,
    plan,
    unplan,
  }
})

/** The document of a page as the server tells it. */
export function documentOf(loaded: EditedPage): PageDocument {
  return {
    page: loaded.page,
    listings: Object.fromEntries(loaded.listings.map((one) => [one.id, one.definition])),
  }
}
