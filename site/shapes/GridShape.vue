<script setup lang="ts">
import type { PlacedListingView } from '../view'
import CardItem from './CardItem.vue'

defineProps<{ placement: PlacedListingView }>()
</script>

<template>
  <ul class="grid" role="list">
    <CardItem v-for="card in placement.cards" :key="card.row" :card="card" />
  </ul>
</template>
