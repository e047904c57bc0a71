<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { drawnCard } from '~~/core/cards/drawn-card'
import { partKey } from '~~/core/cards/parts'
import { cardTarget } from '~~/core/cards/targets'
import type { Listing } from '~~/core/listing/definition'
import { sharedStyles } from '~~/core/listing/look'
import { cardsOf, targetGroupsOf, targetsOf } from '~~/core/listing/targets'
import type { Styles } from '~~/core/looks/styles'
import { shapeOf } from '~~/core/shapes'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import type { DrawnTargets } from '../look/drawn-targets'
import ListingCss from '../look/ListingCss.vue'
import LookControls from '../look/LookControls.vue'
import type { Styleable } from '../look/look-place'
import SharedLook from '../look/SharedLook.vue'
import { words } from '../look/words'

/** How the listing looks, as its shared look has it and by itself. */
const props = defineProps<{ listing: Listing }>()
const selection = useSelection()
const edits = useListingEdits()
const catalogue = useCatalogue()
const wanted = ref(cardTarget.name)

const styleable = computed<Styleable>(() => {
  const { shape, look } = props.listing
  const stops = shapeOf(shape).stops(shape)
  return {
    targets: targetsOf(props.listing),
    usual: cardTarget.name,
    stops: stops.map(({ from }) => from),
    styles: look.own,
  }
})
const drawn = computed<DrawnTargets>(() => ({
  card: { whole: cardTarget, places: drawnCard(...cardsOf(props.listing)) },
  itself: targetGroupsOf(props.listing).listing,
}))
/** What its shared look sets. */
const followed = computed(() => sharedStyles(props.listing.look, catalogue.words))

const carried = computed(() => {
  const { parts, other } = props.listing.card
  return [...parts, ...(other?.parts ?? [])]
})

/** A part that is pressed on the page is what is styled. */
watch(
  () => selection.openPart,
  (key) => {
    const part = carried.value.find((one) => partKey(one) === key)
    if (part !== undefined) wanted.value = part.part
  },
  { immediate: true },
)

function choose(name: string) {
  wanted.value = name
  const part = carried.value.find((one) => one.on && one.part === name)
  selection.openPart = part === undefined ? null : partKey(part)
}

function edit(own: (before: Styles) => Styles, subject?: string): string | null {
  return edits.editChosen(
    words.edit,
    (before) => ({ ...before, look: { ...before.look, own: own(before.look.own) } }),
    subject,
  )
}
</script>

<template>
  <SharedLook :listing="listing" />
  <LookControls
    :model-value="wanted"
    :of="styleable"
    :followed="followed"
    :drawn="drawn"
    :boxes="words.widths"
    :edit="edit"
    @update:model-value="choose"
  />
  <ListingCss :listing="listing" />
</template>
