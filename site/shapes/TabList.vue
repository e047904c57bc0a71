<script setup lang="ts">
import type { PlacedListingView } from '../view'
import { fromOf, nameOf, sectionId } from './group'

/**
 * A tab for each group, for the script to bring into use: without it the groups stand one below the
 * other.
 */
defineProps<{ placement: PlacedListingView; upright: boolean }>()
</script>

<template>
  <div
    class="tab-list"
    role="tablist"
    :aria-label="placement.heading || placement.name"
    :aria-orientation="upright ? 'vertical' : undefined"
    hidden
  >
    <button
      v-for="group in placement.groups"
      :id="`tab-${sectionId(placement, group)}`"
      :key="group.key"
      type="button"
      role="tab"
      data-control="tab"
      :data-from="fromOf(group)"
      :aria-controls="sectionId(placement, group)"
    >
      {{ nameOf(group) }}
    </button>
  </div>
</template>
