<script setup lang="ts">
import type { CardView } from './view'

/** A way to what a card is about; only its content where the card leads nowhere. */
defineProps<{ card: CardView }>()
</script>

<template>
  <a
    v-if="card.address"
    :href="card.address"
    :ping="card.told ?? undefined"
    :target="card.newTab ? '_blank' : undefined"
    :rel="card.newTab ? 'noopener' : undefined"
    ><slot
  /></a>
  <span v-else><slot /></span>
</template>
