<script setup lang="ts">
import PlacedFitting from './PlacedFitting.vue'
import PlacedListing from './PlacedListing.vue'
import type { PlacementView } from './view'

/** What stands at a place, of whichever kind it is. */
defineProps<{ placement: PlacementView }>()
</script>

<template>
  <PlacedListing v-if="placement.kind === 'listing'" :placement="placement" />
  <PlacedFitting v-else :placement="placement" />
</template>
