<script setup lang="ts">
import { computed, ref } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import { fromWallClock, toWallClock } from '~~/core/time/zones'
import { fetchedLater } from '../shared/fetched-later'
import { useView } from '../stores/bench/view'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

const DayField = fetchedLater(() => import('../shared/dates/DayField.vue'))

/** The day for which the bench shows everything; empty for now. A day is looked at from noon. */
const view = useView()
const isOpen = ref(false)
const catalogue = useCatalogue()
const day = computed(() =>
  view.asOf === null ? null : toWallClock(view.asOf, catalogue.catalogue.zone).slice(0, 10),
)
const said = computed(() =>
  view.asOf === null ? '' : words.asOfHint(formatDate(view.asOf, catalogue.catalogue)),
)

/** An emptied field stays until it is left: somebody may be typing another day. */
function set(next: string | null) {
  if (next === null) isOpen.value = true
  view.asOf = next === null ? null : fromWallClock(`${next}T12:00`, catalogue.catalogue.zone)
}
</script>

<template>
  <div class="as-of" :class="{ moved: view.asOf !== null }">
    <DayField
      v-if="isOpen || day !== null"
      autofocus
      :label="words.asOf"
      :model-value="day"
      clearable
      @update:model-value="set"
      @leave="isOpen = false"
    />
    <v-btn v-else height="34" @click="isOpen = true">{{ words.asOfNow }}</v-btn>
    <span class="unseen" role="status">{{ said }}</span>
  </div>
</template>

<style scoped>
.as-of {
  position: relative;
}

.as-of :deep(.v-input) {
  width: 172px;
}

.as-of.moved :deep(.v-field) {
  background: var(--straw);
}
</style>
