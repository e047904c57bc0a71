<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import EntryCard from '../EntryCard.vue'
import type { PlacedListingView } from '../view'
import { words } from '../words'

/**
 * A row that scrolls; the script adds what moves it. After the carousel pattern of the WAI-ARIA
 * Authoring Practices.
 */
const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'slides'>)
const name = computed(() => props.placement.heading || props.placement.name)
</script>

<template>
  <div
    class="slides-frame"
    role="group"
    :aria-roledescription="words.slides"
    :aria-label="name"
    data-shape="slides"
    :data-arrows="settings.arrows"
    :data-step="settings.step"
    :data-loop="settings.loop || undefined"
    :data-autoplay="settings.autoplay ?? undefined"
  >
    <div class="slides-controls" hidden>
      <button
        v-if="settings.autoplay"
        type="button"
        data-control="pause"
        :data-play="words.play"
        :data-pause="words.pause"
      >
        {{ words.pause }}
      </button>
      <button type="button" class="slides-arrow" data-control="before" :aria-label="words.before">
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M15 5l-7 7 7 7" /></svg>
      </button>
      <div v-if="settings.dots" class="slides-dots" data-control="dots" :data-name="words.dot" />
      <button type="button" class="slides-arrow" data-control="after" :aria-label="words.after">
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M9 5l7 7-7 7" /></svg>
      </button>
    </div>
    <ul class="slides" role="list" tabindex="0" :aria-label="words.rowOf(name)">
      <li
        v-for="card in placement.cards"
        :key="card.row"
        :data-entry="card.row"
        :data-from="card.from || undefined"
      >
        <EntryCard :card="card" />
      </li>
    </ul>
  </div>
</template>
