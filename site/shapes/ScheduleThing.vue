<script setup lang="ts">
import type { ScheduleItem } from '../../core/shapes/schedule-plan'
import EntryCard from '../EntryCard.vue'
import type { CardView } from '../view'
import { words } from '../words'

/** Something of a day: when, in which room or line, and its card. */
defineProps<{ item: ScheduleItem; card: CardView; marks: boolean }>()
</script>

<template>
  <li
    class="schedule-item"
    :class="{ cancelled: item.isCancelled }"
    :data-entry="card.row"
    :data-from="card.from || undefined"
  >
    <p class="schedule-when">
      <span v-if="item.time"
        ><time :datetime="item.from">{{ item.time }}</time></span
      >
      <span v-else>{{ words.allDay }}</span>
      <span v-if="item.track" class="schedule-track">{{ item.track }}</span>
      <em v-if="item.isCancelled">{{ words.cancelled }}</em>
    </p>
    <EntryCard :card="card" />
    <button
      v-if="marks"
      type="button"
      class="schedule-mark"
      data-control="mark"
      aria-pressed="false"
      :aria-label="words.mark(card.title)"
      hidden
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M7 3h10v18l-5-4.5L7 21z" /></svg>
    </button>
  </li>
</template>
