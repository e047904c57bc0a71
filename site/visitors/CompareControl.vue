<script setup lang="ts">
import { words } from '../words'
import type { ControlContents } from './view'

/** What is compared, each with what takes it off, and the way to see it side by side. */
defineProps<{ content: ControlContents['compare']; label: string }>()
</script>

<template>
  <div class="compare-bar">
    <p v-if="content.chosen.length === 0">{{ words.compareHint(content.most) }}</p>
    <ul v-else role="list" class="narrow-chosen">
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
