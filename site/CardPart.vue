<script setup lang="ts">
import { computed } from 'vue'
import type { FilledPart } from '../core/cards/card'
import { partComponents } from './parts'
import type { CardView } from './view'

const props = defineProps<{ filled: FilledPart; card: CardView }>()
/** One link a card is enough for a screen reader: the title's, or the picture's where there is no title. */
const titled = computed(() => props.card.parts.some((one) => one.part === 'title'))
</script>

<template>
  <div class="part" :data-part="filled.part" :data-part-key="filled.key">
    <component
      :is="partComponents[filled.part]"
      :content="filled.content"
      :prefix="filled.prefix"
      :suffix="filled.suffix"
      :card="card"
      :titled="titled"
    />
  </div>
</template>
