<script setup lang="ts">
import type { PlacedView } from './view'

/** The heading of something that is placed, and the words below that. */
defineProps<{
  placement: PlacedView
  /** What is read aloud where nothing is shown; nothing for none. */
  name?: string
}>()
</script>

<template>
  <component
    :is="`h${placement.headingLevel}`"
    v-if="placement.heading || name"
    :id="`heading-${placement.id}`"
    :class="placement.heading ? 'placement-heading' : 'only-read'"
  >
    <a v-if="placement.heading && placement.headingAddress" :href="placement.headingAddress">{{
      placement.heading
    }}</a>
    <template v-else>{{ placement.heading || name }}</template>
  </component>
  <div v-if="placement.above" class="placement-words prose" v-html="placement.above" />
</template>
