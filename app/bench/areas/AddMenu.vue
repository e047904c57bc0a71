<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { fittings } from '~~/core/fittings'
import type { Spot } from '~~/core/pages/definition'
import ActionMenu from '../../shared/ActionMenu.vue'
import { fetchedLater } from '../../shared/fetched-later'
import { useDraft } from '../../stores/bench/draft'
import { usePlacing } from '../../stores/bench/placing'
import { useCatalogue } from '../../stores/catalogue'
import { freeName } from '../free-name'
import { titleOfSpot } from './spots'
import { words } from './words'

/** Adds to a spot: a listing of a collection, or a fitting. */
const ExistingListingDialog = fetchedLater(() => import('./ExistingListingDialog.vue'))
const props = defineProps<{ spot: Spot }>()
const draft = useDraft()
const placing = usePlacing()
const catalogue = useCatalogue()
const isOpen = ref(false)
const hasOpened = ref(false)
const label = computed(() => words.addTo(titleOfSpot(draft.page, props.spot)))
const actions = computed(() => [
  ...catalogue.catalogue.collections.map((collection) => ({
    title: collection.name,
    under: words.listings,
    run: () =>
      placing.placeListing(props.spot, freeName(collection.name, draft.document.listings), collection),
  })),
  { title: words.existing, under: words.listings, run: openExisting },
  ...fittings.all.map(({ name, title }) => ({
    title,
    under: words.fittings,
    run: () =>
      placing.placeFitting(
        props.spot,
        name,
        catalogue.catalogue.collections.map((one) => one.id),
      ),
  })),
])

function openExisting() {
  hasOpened.value = true
  isOpen.value = true
}
</script>

<template>
  <ActionMenu v-slot="{ opener }" :label="label" :actions="actions">
    <v-btn v-bind="opener" :icon="mdiPlus" :data-add="spot" size="28" variant="text" :aria-label="label" />
  </ActionMenu>
  <ExistingListingDialog v-if="hasOpened" v-model="isOpen" :spot="spot" />
</template>
