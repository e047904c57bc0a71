<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { boxWidthAt, rulerStretches } from '~~/core/pages/ruler'
import { shapeOf } from '~~/core/shapes'
import { useListingEdits } from '../stores/bench/listing-edits'
import { useSelection } from '../stores/bench/selection'
import { useSession } from '../stores/session'
import { leastWidth, mostWidth, placeOf } from './ruler-widths'
import { words } from './words'

/** The stops of the chosen listing on the ruler: what holds between them, and handles to move them by. */
const { width } = defineProps<{ width: number }>()
const emit = defineEmits<{ drag: [event: PointerEvent, move: (pageWidth: number) => void] }>()

const selection = useSelection()
const edits = useListingEdits()
const session = useSession()
const track = useTemplateRef<HTMLElement>('track')
const { width: trackWidth } = useElementSize(track)

const stops = computed(() => {
  const shape = selection.listing?.shape
  return shape === undefined ? [] : shapeOf(shape).stops(shape)
})
const stretches = computed(() =>
  selection.place === undefined || selection.listing === null
    ? []
    : rulerStretches(selection.place, stops.value, leastWidth, mostWidth),
)

/** The stops that can be moved here. One that comes twice is told apart by that, not by where it lies. */
const handles = computed(() => {
  const movable = stretches.value.filter((one) => one.movable)
  return movable.map((one, at) => ({
    ...one,
    key: `${one.stop} ${movable.slice(0, at).filter((other) => other.stop === one.stop).length}`,
  }))
})

/** From where the stop is, not from where it was drawn last: keys come faster than pictures. */
function nudge(key: string, by: number) {
  const handle = handles.value.find((one) => one.key === key)
  if (handle !== undefined) moveStop(handle.stop, handle.from + by)
}

/** A stop follows the pointer; it is kept as a width of the listing's own box. */
function moveStop(stop: number, pageWidth: number) {
  if (selection.place === undefined || !session.maySetUp) return
  const box = boxWidthAt(selection.place, pageWidth)
  edits.editChosen(
    'Stop',
    (before) => ({
      ...before,
      shape: { ...before.shape, ...shapeOf(before.shape).moveStop(before.shape, stop, box) },
    }),
    `stop ${stop}`,
  )
}
</script>

<template>
  <div ref="track" class="stops">
    <div
      v-for="(stretch, at) in stretches"
      :key="stretch.from"
      class="stretch"
      :class="{ past: stretch.from >= width }"
      :style="{
        left: `${placeOf(stretch.from) * 100}%`,
        width: `${(placeOf(stretch.to) - placeOf(stretch.from)) * 100}%`,
      }"
    >
      <span
        v-if="
          (placeOf(stretch.to) - placeOf(stretch.from)) * trackWidth > 66 &&
          stretch.label !== stretches[at - 1]?.label
        "
        >{{ stretch.label }}</span
      >
    </div>
    <button
      v-for="stretch in handles"
      :key="stretch.key"
      type="button"
      class="handle stop"
      role="slider"
      :aria-label="words.stop(stretch.label)"
      :aria-valuemin="leastWidth"
      :aria-valuemax="mostWidth"
      :aria-valuenow="stretch.from"
      :aria-valuetext="words.stopAt(stops[stretch.stop]?.from ?? 0, stretch.from)"
      :title="words.stopAt(stops[stretch.stop]?.from ?? 0, stretch.from)"
      :style="{ left: `${placeOf(stretch.from) * 100}%` }"
      @pointerdown.prevent="emit('drag', $event, (to) => moveStop(stretch.stop, to))"
      @keydown.left.prevent="nudge(stretch.key, -10)"
      @keydown.right.prevent="nudge(stretch.key, 10)"
    />
  </div>
</template>

<style scoped>
.stops {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

.stretch {
  position: absolute;
  top: 0;
  height: 100%;
  text-align: center;
  font-size: var(--size-fine);
  line-height: 22px;
  color: rgb(var(--v-theme-shape));
  white-space: nowrap;
  overflow: hidden;
}

.stretch.past {
  color: var(--soft);
}

.stop {
  pointer-events: auto;
}

.stop::before {
  background: rgb(var(--v-theme-shape));
}
</style>
