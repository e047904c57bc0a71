import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Finding } from '~~/core/checks/define'
import type { BegunWith } from '~~/core/listing/begun'
import { clauses } from '~~/core/listing/definition'
import type { Clause, Listing } from '~~/core/listing/definition'
import { placementsOf, spotOf } from '~~/core/pages/standing'
import type { Placement, Spot } from '~~/core/pages/definition'
import { areaOf, areaWidthAt, widestOf } from '~~/core/pages/frames'
import type { Area } from '~~/core/pages/frames'
import type { ListingCounts } from '~~/core/query/answers'
import type { BoxWidths } from '~~/core/shapes/define'
import { useDraft } from './draft'
import { useShown } from './shown'
import { useView } from './view'

/** What can stand beside the page: the settings of a clause, or something about the listing or the page. */
export type DrawerName = Clause | 'why' | 'next' | 'checks'

/** What a press on the page is meant for. */
export type PagePress =
  | { readonly on: 'page' }
  | { readonly on: 'placement'; readonly placement: string }
  | { readonly on: 'part'; readonly placement: string; readonly part: string }

/** What is chosen on the page, and what stands beside it. */
export const useSelection = defineStore('selection', () => {
  const draft = useDraft()
  const shown = useShown()
  const view = useView()
  const chosenId = ref<string | null>(null)
  const pointedId = ref<string | null>(null)
  /** The area pointed at, at the left or on the page. */
  const pointedArea = ref<string | null>(null)
  const opened = ref<DrawerName | null>(null)
  /** Whether a drawer was just opened on purpose, and is to have the focus. */
  const drawerWanted = ref(false)
  /** The part of the card that is opened in the drawer, and the one pointed at there, by their keys. */
  const openPart = ref<string | null>(null)
  const pointedPart = ref<string | null>(null)

  const chosen = computed<Placement | null>(
    () => placementsOf(draft.page).find((one) => one.id === chosenId.value) ?? null,
  )
  const listing = computed<Listing | null>(() =>
    chosen.value === null ? null : (draft.document.listings[chosen.value.listing] ?? null),
  )
  /** The area in which the chosen listing stands; none on the shelf. */
  const area = computed<Area | undefined>(() => {
    const spot = chosenId.value === null ? null : spotOf(draft.page, chosenId.value)
    return spot === null || spot === 'shelf' ? undefined : areaOf(draft.page.frame, spot)
  })
  /** How wide its box is at the width of the page that is looked at. */
  const box = computed<BoxWidths | undefined>(
    () => area.value && { now: areaWidthAt(area.value, view.pageWidth), widest: widestOf(area.value) },
  )
  const counts = computed<ListingCounts | null>(() =>
    chosen.value === null ? null : (shown.counts[chosen.value.listing] ?? null),
  )
  /** All but the checks are about the chosen listing. */
  const drawer = computed(() => (listing.value === null && opened.value !== 'checks' ? null : opened.value))
  const clause = computed<Clause | null>(() => clauses.find((one) => one === drawer.value) ?? null)

  function open(): void {
    chosenId.value = null
    opened.value = null
    openPart.value = null
    pointedPart.value = null
    pointedArea.value = null
  }

  function choose(placementId: string | null): void {
    pointedPart.value = null
    chosenId.value = placementId
    if (placementId !== null) opened.value ??= 'from'
    else if (clause.value !== null) opened.value = null
  }

  /** Opens what stands beside the page, and goes on there; null closes it. */
  function openDrawer(next: DrawerName | null): void {
    opened.value = next
    pointedPart.value = null
    drawerWanted.value = drawer.value !== null
  }

  /** Opens the settings of a part of the card. */
  function openCardPart(key: string): void {
    openDrawer('card')
    openPart.value = key
  }

  /** Chooses what was pressed on the page, and opens the settings of a part of a card. */
  function press(target: PagePress): void {
    choose(target.on === 'page' ? null : target.placement)
    if (target.on === 'part') openCardPart(target.part)
  }

  /** Shows on the page what a check found: at the width, the entry and the part that it names. */
  function lookAt({ placement, show: { pageWidth, entry, part } }: Finding): void {
    if (chosenId.value !== placement) choose(placement)
    opened.value = 'checks'
    if (pageWidth !== undefined) {
      view.sideBySide = false
      view.pageWidth = pageWidth
    }
    view.lookedAt = entry === undefined ? null : { entry }
    pointedPart.value = part ?? null
  }

  /** Changes the chosen listing, as the draft does; the message of what can't be set. */
  function editListing(
    title: string,
    change: (listing: Listing) => Listing,
    subject?: string,
  ): string | null {
    return chosen.value === null ? null : draft.editListing(chosen.value.listing, title, change, subject)
  }

  /** Places a new listing of a collection at a spot, chooses it and opens what it shows. */
  function place(spot: Spot, name: string, collection: BegunWith): void {
    choose(draft.place(spot, name, collection))
    opened.value = 'from'
  }

  return {
    chosenId,
    pointedId,
    pointedArea,
    drawer,
    clause,
    drawerWanted,
    openPart,
    pointedPart,
    chosen,
    listing,
    area,
    box,
    counts,
    open,
    choose,
    openDrawer,
    openCardPart,
    press,
    lookAt,
    editListing,
    place,
  }
})
