<script setup lang="ts">
import type { FoundWords } from '../view'
import MarkedText from './MarkedText.vue'

/**
 * A text with the words that stand before and after it; their own spaces part them from it. What was looked
 * for is marked in it.
 */
defineProps<{ text: string; prefix?: string; suffix?: string; found?: FoundWords | null }>()
</script>

<template>
  {{ prefix }}<MarkedText v-if="found" :text="text" :found="found" /><template v-else>{{ text }}</template
  >{{ suffix }}
</template>
