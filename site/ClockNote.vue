<script setup lang="ts">
import type { ToldClock } from '../core/shapes/time-axis'
import { words } from './words'

/** By which clock times are told; the script asks for that of whoever reads where it is meant to be. */
defineProps<{ clock: ToldClock }>()
</script>

<template>
  <p class="clock-note" :data-own-clock="clock.whose === 'event' ? undefined : (clock.zone ?? undefined)">
    {{ clock.zone === null ? words.clockOfEach : words.clocks[clock.whose](clock.name) }}
  </p>
</template>
