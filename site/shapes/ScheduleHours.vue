<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { PlacedItem, ScheduleDay } from '../../core/shapes/schedule-plan'
import type { CardView, PlacedListingView } from '../view'
import { words } from '../words'
import RowArrows from './RowArrows.vue'
import ScheduleThing from './ScheduleThing.vue'

/**
 * The hours of a day down the page, its tracks beside each other. What things say tells it all: the hours
 * and the names above the columns are for the eye.
 */
const props = defineProps<{
  placement: PlacedListingView
  day: Pick<ScheduleDay, 'tracks' | 'rows' | 'hours' | 'breaks' | 'moments'>
  items: readonly (PlacedItem & { readonly card: CardView })[]
}>()
const settings = computed(() => props.placement.shape as ChosenShape<'schedule'>)
const isNamed = computed(() => props.day.tracks.some(({ name }) => name !== null))
/** So many lanes have room beside each other on the widest of pages; with more, they scroll. */
const mostLanes = 8
const lanes = computed(() => props.day.tracks.reduce((sum, track) => sum + track.lanes, 0))
const isCrowded = computed(() => lanes.value > mostLanes)
const tracks = computed(() => ({
  '--rows': props.day.rows.map((row) => `minmax(${row}px, auto)`).join(' '),
  // What the lanes take where they scroll: the names above them have the same columns.
  '--least-tracks': isCrowded.value ? `calc(${lanes.value} * var(--least-lane))` : '0px',
  '--all-tracks': widths((count) => `minmax(${isCrowded.value ? 'var(--least-lane)' : '0'}, ${1 / count}fr)`),
  '--one-track': widths((count) => `max(var(--least-lane), calc(var(--track) / ${count}))`),
}))

function widths(lane: (count: number) => string): string {
  return props.day.tracks
    .flatMap((track) => Array.from({ length: track.lanes }, () => lane(track.lanes)))
    .join(' ')
}
</script>

<template>
  <div
    v-if="items.length"
    class="schedule-frame"
    :class="{ crowded: isCrowded }"
    data-shape="row"
    :style="tracks"
  >
    <RowArrows />
    <div v-if="isNamed" class="schedule-heads" aria-hidden="true">
      <div class="schedule-names">
        <p
          v-for="track in day.tracks"
          :key="track.from"
          class="schedule-head"
          :style="{ gridColumn: `${track.from + 1} / ${track.to + 1}` }"
        >
          {{ track.name }}
        </p>
      </div>
    </div>
    <div class="schedule-row row">
      <div class="schedule-grid" :data-moments="settings.now ? day.moments.join() : undefined">
        <i class="schedule-side" aria-hidden="true" />
        <i
          v-for="track in day.tracks"
          :key="track.from"
          class="schedule-start"
          aria-hidden="true"
          :style="{ gridColumn: track.from + 1 }"
        />
        <i
          v-for="hour in day.hours"
          :key="hour.row"
          class="schedule-hour"
          aria-hidden="true"
          :style="{ gridRow: hour.row }"
          ><span>{{ hour.text }}</span></i
        >
        <i
          v-for="gap in day.breaks"
          :key="`break ${gap.row}`"
          class="schedule-break"
          aria-hidden="true"
          :style="{ gridRow: gap.row }"
          ><span>{{ gap.text }}</span></i
        >
        <ol class="schedule-items" role="list">
          <ScheduleThing
            v-for="item in items"
            :key="item.card.row"
            :item="item"
            :card="item.card"
            :marks="settings.marks"
            :class="{ across: item.columns.to - item.columns.from > 1 && item.track === null }"
            :style="{
              gridRow: `${item.rows.from} / ${item.rows.to}`,
              gridColumn: `${item.columns.from + 1} / ${item.columns.to + 1}`,
            }"
          />
        </ol>
        <i v-if="settings.now" class="schedule-now" aria-hidden="true" hidden
          ><span
            ><b>{{ words.now }}</b></span
          ></i
        >
      </div>
    </div>
  </div>
</template>
