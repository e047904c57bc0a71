<script setup lang="ts">
import EntryCard from '../EntryCard.vue'
import type { CardView } from '../view'

defineProps<{ cards: readonly CardView[] }>()
</script>

<template>
  <ul class="grid" role="list">
    <li v-for="card in cards" :key="card.entryId" :data-entry="card.entryId">
      <EntryCard :card="card" />
    </li>
  </ul>
</template>
