<script setup lang="ts">
import { computed } from 'vue'
import { words } from '../words'
import type { ControlContents, VisitorsView } from './view'

/**
 * What is compared, each with what takes it off, and the way to see it side by side: in sight for as long as
 * the listing is.
 */
const props = defineProps<{ visitors: VisitorsView }>()
const content = computed(
  () =>
    props.visitors.controls.find(({ control }) => control === 'compare')?.content as
      ControlContents['compare'] | undefined,
)
</script>

<template>
  <div
    v-if="content && content.chosen.length > 0"
    class="compare-bar"
    role="group"
    :aria-label="words.compared"
  >
    <ul role="list" class="narrow-chosen">
      <li v-for="one in content.chosen" :key="one.title">
        <a
          data-in-place
          data-chosen
          rel="nofollow"
          :href="one.address"
          :aria-label="words.compareNoMore(one.title)"
          >{{ one.title }}</a
        >
      </li>
    </ul>
    <a v-if="content.together" class="narrow-button" data-in-place rel="nofollow" :href="content.together">{{
      words.compareThem(content.chosen.length)
    }}</a>
  </div>
</template>
