<script setup lang="ts">
import type { SheetItem } from '../../core/shapes/calendar-sheet'
import type { CardView } from '../view'
import { words } from '../words'

/** What happens, in one line: its time, and its title as a way to it. */
defineProps<{ item: SheetItem; card: CardView | undefined; untimed?: boolean }>()
</script>

<template>
  <div v-if="card" :class="{ cancelled: item.isCancelled }" :data-colour="item.colour">
    <span v-if="item.time && !untimed" class="calendar-time">{{ item.time }}</span>
    {{ ' ' }}
    <a
      v-if="card.address"
      :href="card.address"
      :target="card.newTab ? '_blank' : undefined"
      :rel="card.newTab ? 'noopener' : undefined"
      >{{ card.title }}</a
    >
    <span v-else>{{ card.title }}</span>
    <span v-if="item.isCancelled" class="only-read">, {{ words.cancelled }}</span>
  </div>
</template>
