<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import type { Placement } from '~~/core/pages/definition'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { words } from './words'

/** What a listing is called in the bench, and what visitors read above it. */
defineProps<{ listing: Listing; placement: Placement }>()
const draft = useDraft()
const selection = useSelection()

function rename(name: string) {
  if (name.trim() !== '')
    selection.editListing('Name', (before) => ({ ...before, name: name.trim() }), 'name')
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
    <v-text-field
      :label="words.heading"
      :hint="words.headingHint"
      maxlength="160"
      :model-value="placement.heading"
      @update:model-value="draft.editPlacement(placement.id, 'Heading', { heading: $event ?? '' }, 'heading')"
    />
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
