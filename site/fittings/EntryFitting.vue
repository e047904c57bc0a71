<script setup lang="ts">
import EntryCard from '../EntryCard.vue'
import type { FittingContents } from '../view'

defineProps<{ content: FittingContents['entry'] }>()
</script>

<template>
  <div v-if="content" class="entry"><EntryCard :card="content" /></div>
</template>
