<script setup lang="ts">
import { words } from '../words'
import type { CompareMark } from './comparing'

/** What takes an entry into a comparison, or out of it. */
defineProps<{ mark: CompareMark; title: string }>()
</script>

<template>
  <a
    class="compare-mark"
    data-in-place
    rel="nofollow"
    :href="mark.address"
    :ping="mark.told ?? undefined"
    :aria-current="mark.isChosen ? 'true' : undefined"
    :aria-label="words.markOf(mark.title, title)"
    >{{ mark.title }}</a
  >
</template>
