<script setup lang="ts">
import PlacedListing from '../PlacedListing.vue'
import type { ListingPageView } from '../view'

defineProps<{ areas: ListingPageView['areas'] }>()
</script>

<template>
  <div class="frame-main-side">
    <div class="area" data-area="main">
      <PlacedListing v-for="placement in areas.main" :key="placement.id" :placement="placement" />
    </div>
    <aside class="area" data-area="side">
      <PlacedListing v-for="placement in areas.side" :key="placement.id" :placement="placement" />
    </aside>
  </div>
</template>
