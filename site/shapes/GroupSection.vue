<script setup lang="ts">
import type { GroupView, PlacedListingView } from '../view'
import CardItem from './CardItem.vue'
import { fromOf, nameOf, sectionId } from './group'

/** The cards of a group under its name; an entry alone is named by its own card. */
defineProps<{ placement: PlacedListingView; group: GroupView; named: boolean }>()
</script>

<template>
  <section
    :id="sectionId(placement, group)"
    class="group"
    :data-from="fromOf(group)"
    :aria-label="named ? undefined : nameOf(group)"
  >
    <h3 v-if="named" class="group-name">{{ nameOf(group) }}</h3>
    <ul class="group-cards" role="list">
      <CardItem v-for="card in group.cards" :key="card.row" :card="card" />
    </ul>
  </section>
</template>
