<script setup lang="ts">
import EntryCard from '../EntryCard.vue'
import type { CardView } from '../view'

defineProps<{ card: CardView }>()
</script>

<template>
  <li :data-entry="card.row" :data-from="card.from || undefined"><EntryCard :card="card" /></li>
</template>
