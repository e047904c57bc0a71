<script setup lang="ts">
import { useTemplateRef } from 'vue'
import type { SiteTokens } from '~~/core/looks/tokens/site-tokens'
import { tokensIn } from './token-files'
import { words } from './words'

/** Brings in what a file of design tokens names; null for a file that is none. */
const emit = defineEmits<{ found: [tokens: SiteTokens | null] }>()
const file = useTemplateRef<HTMLInputElement>('file')

async function read() {
  const chosen = file.value?.files?.[0]
  if (chosen === undefined) return
  const found = await tokensIn(chosen)
  // The same file can be chosen again.
  if (file.value !== null) file.value.value = ''
  emit('found', found)
}
</script>

<template>
  <v-btn height="34" @click="file?.click()">{{ words.palette.read }}</v-btn>
  <input
    ref="file"
    type="file"
    accept=".json,application/json"
    hidden
    :aria-label="words.palette.read"
    @change="read"
  />
</template>
