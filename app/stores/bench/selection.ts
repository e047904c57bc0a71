import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Finding } from '~~/core/checks/define'
import { clauses } from '~~/core/listing/clauses'
import type { Clause } from '~~/core/listing/clauses'
import type { Listing } from '~~/core/listing/definition'
import type { Band } from '~~/core/pages/bands/definition'
import type { PlacedFitting, Placement } from '~~/core/pages/definition'
import { listingBox } from '~~/core/pages/bands/geometry'
import { boxWidthsOn } from '~~/core/pages/frames'
import type { Box } from '~~/core/pages/frames'
import { bandOn } from '~~/core/pages/moves'
import { placementsOf, standingOn } from '~~/core/pages/standing'
import type { ListingCounts } from '~~/core/query/answers'
import type { BoxWidths } from '~~/core/shapes/define'
import { useDraft } from './draft'
import { useShown } from './shown'
import { useView } from './view'

/**
 * What can stand beside the page: the settings of a clause, of a fitting or of a band, or something
 * about the listing or the page.
 */
export type DrawerName = Clause | 'why' | 'next' | 'checks' | 'fitting' | 'band'

/** What a press on the page is meant for. */
export type PagePress =
  | { readonly on: 'page' }
  | { readonly on: 'placement'; readonly placement: string; readonly element: Element }
  | {
      readonly on: 'part'
      readonly placement: string
      readonly element: Element
      readonly part: string
    }

function isOfListing(drawer: DrawerName): boolean {
  return drawer !== 'fitting' && drawer !== 'band'
}

/** What is chosen on the page, and what stands beside it. */
export const useSelection = defineStore('selection', () => {
  const draft = useDraft()
  const shown = useShown()
  const view = useView()
  const chosenId = ref<string | null>(null)
  /** The band that is chosen, by its number; then no placement is. */
  const chosenBand = ref<number | null>(null)
  const pointedId = ref<string | null>(null)
  /** The area pointed at, at the left or on the page. */
  const pointedArea = ref<string | null>(null)
  const opened = ref<DrawerName | null>(null)
  /** Whether a drawer was just opened on purpose, and is to have the focus. */
  const drawerWanted = ref(false)
  /** The part of the card that is opened in the drawer, and the one pointed at there, by their keys. */
  const openPart = ref<string | null>(null)
  const pointedPart = ref<string | null>(null)
  /** What of the page was pressed last: another one each time, also where the same is pressed once more. */
  const pressed = shallowRef<{ readonly element: Element } | null>(null)

  const chosen = computed<Placement | null>(
    () => placementsOf(draft.page).find((one) => one.id === chosenId.value) ?? null,
  )
  /** The listing that the chosen placement shows, by its id; null where it is another thing. */
  const listingId = computed(() => (chosen.value?.kind === 'listing' ? chosen.value.listing : null))
  const listing = computed<Listing | null>(() =>
    listingId.value === null ? null : (draft.document.listings[listingId.value] ?? null),
  )
  const fitting = computed<PlacedFitting | null>(() =>
    chosen.value?.kind === 'fitting' ? chosen.value : null,
  )
  const band = computed<Band | null>(() =>
    chosenBand.value === null ? null : (bandOn(draft.page, chosenBand.value) ?? null),
  )
  /** The box that the chosen thing stands in; none on the shelf. */
  const place = computed<Box | undefined>(() => {
    const box = standingOn(draft.page).find((one) => one.placement.id === chosenId.value)?.box
    return box !== undefined && listing.value !== null ? listingBox(box, listing.value.visitors) : box
  })
  /** How wide that is at the width of the page that is looked at. */
  const box = computed<BoxWidths | undefined>(() => place.value && boxWidthsOn(place.value, view.pageWidth))
  const counts = computed<ListingCounts | null>(() =>
    listingId.value === null ? null : (shown.counts[listingId.value] ?? null),
  )
  /** Of a fitting and a band there is one; all others but two are about the chosen listing. */
  const drawer = computed<DrawerName | null>(() => {
    if (opened.value === null || opened.value === 'checks') return opened.value
    if (fitting.value !== null) return 'fitting'
    if (band.value !== null) return 'band'
    return listing.value === null && opened.value !== 'next' ? null : opened.value
  })
  const clause = computed<Clause | null>(() => clauses.find((one) => one === drawer.value) ?? null)

  function open(): void {
    chosenId.value = null
    chosenBand.value = null
    opened.value = null
    openPart.value = null
    pointedPart.value = null
    pointedArea.value = null
  }

  function choose(placementId: string | null): void {
    pointedPart.value = null
    chosenId.value = placementId
    chosenBand.value = null
    if (chosen.value?.kind === 'fitting') opened.value = 'fitting'
    else if (opened.value === null || !isOfListing(opened.value))
      opened.value = placementId === null ? null : 'from'
  }

  /** Chooses a band, and opens what is set for it. */
  function chooseBand(id: number): void {
    choose(null)
    chosenBand.value = id
    openDrawer('band')
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

  /** Chooses what was pressed on the page, and opens the settings of a part of a card, or how it looks. */
  function press(target: PagePress): void {
    choose(target.on === 'page' ? null : target.placement)
    pressed.value = target.on === 'page' ? null : { element: target.element }
    if (target.on !== 'part') return
    if (opened.value === 'look') openPart.value = target.part
    else openCardPart(target.part)
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

  /** Has a drawer stand beside the page, where the focus stays as it is. */
  function showDrawer(next: DrawerName): void {
    opened.value = next
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
    pressed,
    chosen,
    chosenBand,
    listingId,
    listing,
    fitting,
    band,
    place,
    box,
    counts,
    open,
    choose,
    chooseBand,
    openDrawer,
    openCardPart,
    press,
    lookAt,
    showDrawer,
  }
})
