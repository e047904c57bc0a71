<script setup lang="ts">
import type { PlacementView } from '../view'
import CardItem from './CardItem.vue'

defineProps<{ placement: PlacementView }>()
</script>

<template>
  <ul class="list" role="list">
    <CardItem v-for="card in placement.cards" :key="card.entryId" :card="card" />
  </ul>
</template>
