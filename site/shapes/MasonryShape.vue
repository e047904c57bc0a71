<script setup lang="ts">
import type { PlacementView } from '../view'
import CardItem from './CardItem.vue'

defineProps<{ placement: PlacementView }>()
</script>

<template>
  <ul class="masonry" data-shape="masonry" role="list">
    <CardItem v-for="card in placement.cards" :key="card.entryId" :card="card" />
  </ul>
</template>
