import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { beginHistory, edited, redone, undone } from '~~/core/edits/history'
import type { History } from '~~/core/edits/history'
import type { Clause, Listing } from '~~/core/listing/definition'
import { newListing, parseListing } from '~~/core/listing/definition'
import {
  placementsAt,
  placementsOf,
  spotOf,
  withPlacementMoved,
  withPlacementsAt,
} from '~~/core/pages/definition'
import type { Page, Placement, Spot } from '~~/core/pages/definition'
import type { EditedPage, EntriesOfPage } from '~~/core/pages/answers'
import type { ListingCounts } from '~~/core/query/answers'
import type { CheckedPage, Finding, ShownCard } from '~~/core/checks/define'
import type { PageSubject } from '~~/core/query/plan-context'
import { request } from '../shared/http'

const emptyPage: Page = {
  version: 1,
  title: '',
  introduction: '',
  frame: 'main-side',
  areas: { main: [], side: [] },
  shelf: [],
}

/** The page in work: its document with every edit so far, and what is chosen on it. */
export const useBench = defineStore('bench', () => {
  const pageId = ref(0)
  const path = ref('/')
  /** On a page of entries: whose, and the one it is shown with. */
  const entries = shallowRef<EntriesOfPage | null>(null)
  const publishedAt = ref<number | null>(null)
  const differsFromLive = ref(false)
  const history = shallowRef<History<PageDocument>>(beginHistory({ page: emptyPage, listings: {} }))
  const chosenId = ref<string | null>(null)
  const pointedId = ref<string | null>(null)
  const clause = ref<Clause | null>(null)
  /** Whether a clause was just opened, and its drawer is to have the focus. */
  const drawerWanted = ref(false)
  /** The part of the card that is opened in the drawer, and the one pointed at there, by their keys. */
  const openPart = ref<string | null>(null)
  const pointedPart = ref<string | null>(null)
  /** Why the part in hand is not to be seen on the page; null when it is. */
  const partTrouble = ref<'absent' | 'hidden' | 'covered' | null>(null)
  /** By listing: how many entries its steps and rules let through. */
  const counts = ref<Record<string, ListingCounts>>({})
  /** By listing: why it can't be shown as it is. */
  const troubles = ref<Readonly<Record<string, string>>>({})
  /** The moment for which everything is shown, epoch milliseconds; null for now. */
  const asOf = ref<number | null>(null)
  /** What the page is taken to be about, for listings that follow it. */
  const sample = ref<PageSubject | null>(null)
  /** What stands in the drawer's place. */
  const panel = ref<'why' | 'checks' | null>(null)
  /** By placement: what its cards show. */
  const shown = ref<Readonly<Record<string, readonly ShownCard[]>>>({})
  /** How wide letters are on the page, in CSS pixels. */
  const letters = ref<CheckedPage['letters']>(null)
  /** The width of the page in the ruler, in CSS pixels. */
  const pageWidth = ref(1280)
  /** Whether the named widths are shown beside each other. */
  const sideBySide = ref(false)
  /** An entry's card to be looked at; another object each time it is wanted. */
  const lookedAt = shallowRef<{ readonly entry: number } | null>(null)

  /** Where visitors see the page; on a page of entries, the newest entry. */
  const liveAddress = computed(() =>
    entries.value === null ? path.value : (entries.value.sample?.address ?? null),
  )
  const document = computed(() => history.value.present)
  const page = computed(() => document.value.page)
  const chosen = computed<Placement | null>(
    () => placementsOf(page.value).find((one) => one.id === chosenId.value) ?? null,
  )
  const listing = computed<Listing | null>(() =>
    chosen.value === null ? null : (document.value.listings[chosen.value.listing] ?? null),
  )
  const chosenCounts = computed<ListingCounts | null>(() =>
    chosen.value === null ? null : (counts.value[chosen.value.listing] ?? null),
  )
  const nextUndo = computed(() => history.value.past.at(-1)?.title ?? null)
  const nextRedo = computed(() => history.value.future[0]?.title ?? null)

  /** Begins with the saved document; what was not saved yet is its first edit. */
  function open(loaded: EditedPage, saved: PageDocument, unsaved: PageDocument | null): void {
    pageId.value = loaded.id
    path.value = loaded.path
    entries.value = loaded.entries
    publishedAt.value = loaded.publishedAt
    differsFromLive.value = loaded.changed
    chosenId.value = null
    clause.value = null
    openPart.value = null
    counts.value = {}
    troubles.value = Object.fromEntries(
      loaded.listings.flatMap(({ id, trouble }) => (trouble === undefined ? [] : [[id, trouble]])),
    )
    asOf.value = null
    const entry = loaded.entries?.sample ?? null
    sample.value = entry === null ? null : { kind: 'entry', id: entry.id }
    panel.value = null
    shown.value = {}
    pointedPart.value = null
    lookedAt.value = null
    history.value = beginHistory(saved)
    if (unsaved !== null) replaceDocument('Unsaved changes', unsaved)
  }

  /** Opens the settings of a part of the card. */
  function openCardPart(key: string): void {
    openClause('card')
    openPart.value = key
  }

  /** Shows on the page what a check found: at the width, the entry and the part that it names. */
  function lookAt({ placement, show: { pageWidth: width, entry, part } }: Finding): void {
    if (chosenId.value !== placement) choose(placement)
    panel.value = 'checks'
    if (width !== undefined) {
      sideBySide.value = false
      pageWidth.value = width
    }
    lookedAt.value = entry === undefined ? null : { entry }
    pointedPart.value = part ?? null
  }

  /** Opens a clause of the chosen placement, or closes the drawer. */
  function openClause(next: Clause | null): void {
    clause.value = chosen.value === null ? null : next
    pointedPart.value = null
    if (next === null) return
    panel.value = null
    drawerWanted.value = clause.value !== null
  }

  function choose(placementId: string | null): void {
    pointedPart.value = null
    chosenId.value = placementId
    if (placementId === null) clause.value = null
    else clause.value ??= 'from'
  }

  /**
   * Changes the chosen listing. A definition that is not valid is not taken: its first message is
   * returned, for the control that caused it.
   */
  function editListing(
    title: string,
    change: (listing: Listing) => Listing,
    subject?: string,
  ): string | null {
    const placement = chosen.value
    if (placement === null || listing.value === null) return null
    const parsed = parseListing(change(listing.value))
    if (!parsed.ok) return parsed.faults[0]?.message ?? 'This cannot be set.'
    const id = placement.listing
    apply(title, subject === undefined ? null : `${id} ${subject}`, (draft) => ({
      ...draft,
      listings: { ...draft.listings, [id]: parsed.value },
    }))
    return null
  }

  function editPage(title: string, change: (page: Page) => Page, subject?: string): void {
    apply(title, subject ?? null, (before) => ({ ...before, page: change(before.page) }))
  }

  /** Changes how the chosen listing stands on this page. */
  function editPlacement(title: string, change: Partial<Pick<Placement, 'heading'>>, subject: string): void {
    const id = chosenId.value
    const spot = id === null ? null : spotOf(page.value, id)
    if (id === null || spot === null) return
    editPage(
      title,
      (before) =>
        withPlacementsAt(
          before,
          spot,
          placementsAt(before, spot).map((one) => (one.id === id ? { ...one, ...change } : one)),
        ),
      `${id} ${subject}`,
    )
  }

  /** Places a new listing of a collection at a spot and chooses it. */
  function placeListing(spot: Spot, name: string, collectionId: number): void {
    const placement: Placement = { id: crypto.randomUUID(), listing: crypto.randomUUID(), heading: '' }
    apply(`Place “${name}”`, null, (before) => ({
      page: withPlacementsAt(before.page, spot, [...placementsAt(before.page, spot), placement]),
      listings: { ...before.listings, [placement.listing]: newListing(name, collectionId) },
    }))
    choose(placement.id)
    clause.value = 'from'
  }

  function movePlacement(id: string, spot: Spot, at: number): void {
    editPage(spot === 'shelf' ? 'Keep on the shelf' : 'Move', (before) =>
      withPlacementMoved(before, id, spot, at),
    )
  }

  function replaceDocument(title: string, next: PageDocument): void {
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
    keepChoice()
  }

  function redo(): void {
    history.value = redone(history.value)
    keepChoice()
  }

  function keepChoice(): void {
    if (chosen.value === null) choose(null)
  }

  /** What every question of the bench is asked with. */
  function asked(): { readonly asOf: number | null; readonly sample: PageSubject | null } {
    return { asOf: asOf.value, sample: sample.value }
  }

  /** Publishes what was seen, by its versions. */
  async function publish(version: number, listings: Readonly<Record<string, number>>): Promise<EditedPage> {
    const done = await request<EditedPage>('POST', `/api/bench/pages/${pageId.value}/publish`, {
      version,
      listings,
    })
    publishedAt.value = done.publishedAt
    differsFromLive.value = done.changed
    return done
  }

  return {
    pageId,
    path,
    entries,
    liveAddress,
    publishedAt,
    differsFromLive,
    history,
    chosenId,
    pointedId,
    clause,
    drawerWanted,
    openPart,
    pointedPart,
    partTrouble,
    counts,
    troubles,
    asOf,
    sample,
    panel,
    shown,
    letters,
    pageWidth,
    sideBySide,
    lookedAt,
    document,
    page,
    chosen,
    chosenCounts,
    listing,
    asked,
    nextUndo,
    nextRedo,
    open,
    openClause,
    openCardPart,
    lookAt,
    choose,
    editListing,
    editPage,
    editPlacement,
    placeListing,
    movePlacement,
    replaceDocument,
    undo,
    redo,
    publish,
  }
})

/** The document of a page as the server tells it. */
export function documentOf(loaded: EditedPage): PageDocument {
  return {
    page: loaded.page,
    listings: Object.fromEntries(loaded.listings.map((one) => [one.id, one.definition])),
  }
}
