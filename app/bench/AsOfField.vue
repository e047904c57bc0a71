<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import { fromWallClock, toWallClock } from '~~/core/time/zones'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

/** The day for which the bench shows everything; empty for now. A day is looked at from noon. */
const bench = useBench()
const catalogue = useCatalogue()
const day = computed(() =>
  bench.asOf === null ? '' : toWallClock(bench.asOf, catalogue.catalogue.zone).slice(0, 10),
)
const said = computed(() =>
  bench.asOf === null ? '' : words.asOfHint(formatDate(bench.asOf, catalogue.catalogue)),
)

function set(text: string) {
  bench.asOf = text === '' ? null : fromWallClock(`${text}T12:00`, catalogue.catalogue.zone)
}
</script>

<template>
  <div class="as-of" :class="{ moved: bench.asOf !== null }">
    <label>
      {{ words.asOf }}
      <input type="date" :value="day" @change="set(($event.target as HTMLInputElement).value)" />
    </label>
    <v-btn
      v-if="bench.asOf !== null"
      :icon="mdiClose"
      size="28"
      variant="text"
      :aria-label="words.backToNow"
      @click="bench.asOf = null"
    />
    <span class="only-read" role="status">{{ said }}</span>
  </div>
</template>

<style scoped>
.as-of {
  display: flex;
  align-items: center;
  height: 34px;
  padding-left: 10px;
  border: 1px solid #c9c0ab;
  border-radius: 7px;
  white-space: nowrap;
  font-size: 13px;
  font-weight: 600;
}

.as-of.moved {
  border-color: #7d5a07;
  background: #fbf3dc;
}

input {
  width: 118px;
  padding: 0 6px;
  border: 0;
  background: none;
  font: inherit;
  font-weight: 500;
}

/* The field itself shows the day; this tells those who do not see it. */
.only-read {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
