<script setup lang="ts">
import type { VisitorsView } from './view'

/** What a listing stands in together with its controls; nothing more where it has none. */
defineProps<{ place: VisitorsView['place'] | null }>()
</script>

<template>
  <div v-if="place" class="listing-room" :data-place="place"><slot /></div>
  <slot v-else />
</template>
