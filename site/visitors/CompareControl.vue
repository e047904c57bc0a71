<script setup lang="ts">
import { words } from '../words'
import type { ControlContents } from './view'

/** What visitors are told of comparing; what they chose stands in a tray of its own. */
defineProps<{ content: ControlContents['compare']; label: string }>()
</script>

<template>
  <p class="compare-hint">{{ words.compareHint(content.most) }}</p>
</template>
