<script setup lang="ts">
import type { Tab } from './group'

/**
 * A tab for each section, for the script to bring into use: without it the sections stand one below the
 * other.
 */
defineProps<{ label: string; tabs: readonly Tab[]; upright?: boolean }>()
</script>

<template>
  <div
    class="tab-list"
    role="tablist"
    :aria-label="label"
    :aria-orientation="upright ? 'vertical' : undefined"
    hidden
  >
    <button
      v-for="tab in tabs"
      :id="`tab-${tab.section}`"
      :key="tab.section"
      type="button"
      role="tab"
      data-control="tab"
      :data-from="tab.from"
      :data-until="tab.until"
      :aria-controls="tab.section"
    >
      {{ tab.name }}
    </button>
  </div>
</template>
