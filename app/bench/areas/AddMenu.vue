<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { fittings } from '~~/core/fittings'
import type { Spot } from '~~/core/pages/definition'
import ActionMenu from '../../shared/ActionMenu.vue'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import { freeName } from './free-name'
import { titleOfSpot } from './spots'
import { words } from './words'

/** Adds to a spot: a listing of a collection, or a fitting. */
const props = defineProps<{ spot: Spot }>()
const draft = useDraft()
const selection = useSelection()
const catalogue = useCatalogue()
const label = computed(() => words.addTo(titleOfSpot(draft.page, props.spot)))
const actions = computed(() => [
  ...catalogue.catalogue.collections.map((collection) => ({
    title: collection.name,
    under: words.listings,
    run: () =>
      selection.placeListing(props.spot, freeName(collection.name, draft.document.listings), collection),
  })),
  ...fittings.all.map(({ name, title }) => ({
    title,
    under: words.fittings,
    run: () =>
      selection.placeFitting(
        props.spot,
        name,
        catalogue.catalogue.collections.map((one) => one.id),
      ),
  })),
])
</script>

<template>
  <ActionMenu v-slot="{ opener }" :label="label" :actions="actions">
    <v-btn v-bind="opener" :icon="mdiPlus" :data-add="spot" size="28" variant="text" :aria-label="label" />
  </ActionMenu>
</template>
