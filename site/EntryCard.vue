<script setup lang="ts">
import { computed } from 'vue'
import { partComponents } from './parts'
import type { CardView } from './view'

const props = defineProps<{ card: CardView }>()
/** One link a card is enough for a screen reader: the title's, or the picture's where there is no title. */
const titled = computed(() => props.card.parts.some((filled) => filled.part === 'title'))
</script>

<template>
  <article class="card">
    <div v-for="filled in card.parts" :key="filled.part" class="part" :data-part="filled.part">
      <component
        :is="partComponents[filled.part]"
        :content="filled.content"
        :card="card"
        :titled="titled"
      />
    </div>
  </article>
</template>
