<script setup lang="ts">
import { computed } from 'vue'
import type { GroupView } from '../view'
import { words } from '../words'
import CardItem from './CardItem.vue'

/** The cards of a group under its name; an entry alone is named by its own card. */
const props = defineProps<{ group: GroupView; named: boolean }>()
const name = computed(() => props.group.name ?? words.others)
const from = computed(() => Math.min(...props.group.cards.map((card) => card.from)))
</script>

<template>
  <section class="group" :data-name="name" :data-from="from || undefined" :aria-label="named ? undefined : name">
    <h3 v-if="named" class="group-name">{{ name }}</h3>
    <ul class="group-cards" role="list"><CardItem v-for="card in group.cards" :key="card.entryId" :card="card" /></ul>
  </section>
</template>
