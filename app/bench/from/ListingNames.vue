<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import type { Placement } from '~~/core/pages/definition'
import { useListingEdits } from '../../stores/bench/listing-edits'
import PlacementHeading from '../PlacementHeading.vue'
import { words } from './words'

/** What a listing is called in the bench, and what visitors read above it. */
defineProps<{ listing: Listing; placement: Placement }>()
const edits = useListingEdits()

function rename(name: string) {
  if (name.trim() !== '') edits.editChosen('Name', (before) => ({ ...before, name: name.trim() }), 'name')
}
</script>

<template>
  <div class="names">
    <v-text-field
      :label="words.name"
      maxlength="120"
      :model-value="listing.name"
      @update:model-value="rename"
    />
    <PlacementHeading :placement="placement" />
  </div>
</template>

<style scoped>
.names {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  margin-top: 6px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}
</style>
