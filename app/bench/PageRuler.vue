<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { boxWidthAt, rulerStretches } from '~~/core/pages/ruler'
import { shapeOf } from '~~/core/shapes'
import { useSelection } from '../stores/bench/selection'
import { useView } from '../stores/bench/view'
import { useSession } from '../stores/session'
import { namedWidths } from './preview/named-widths'
import { words } from './words'

const width = defineModel<number>({ required: true })
const least = 320
const most = 1600
const named = namedWidths.map(({ name, width: pixels }) => ({ title: words.widths[name], width: pixels }))

const selection = useSelection()
const view = useView()
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
    : rulerStretches(selection.place, stops.value, least, most),
)

/** The stops that can be moved here. One that comes twice is told apart by that, not by where it lies. */
const handles = computed(() => {
  const movable = stretches.value.filter((one) => one.movable)
  return movable.map((one, at) => ({
    ...one,
    key: `${one.stop} ${movable.slice(0, at).filter((other) => other.stop === one.stop).length}`,
  }))
})

function placeOf(pixels: number): number {
  return (pixels - least) / (most - least)
}

function widthAt(event: PointerEvent): number {
  const box = track.value?.getBoundingClientRect()
  if (!box) return width.value
  const part = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width))
  return Math.round(least + part * (most - least))
}

/** Follows the pointer until it is let go. The track holds it: a stop may be gone while it crosses a frame's jump. */
function drag(event: PointerEvent, move: (pageWidth: number) => void) {
  const held = track.value
  if (held === null) return
  ;(event.currentTarget as HTMLElement).focus()
  held.setPointerCapture(event.pointerId)
  const dragging = new AbortController()
  const until = { signal: dragging.signal }
  held.addEventListener('pointermove', (next) => move(widthAt(next)), until)
  for (const end of ['pointerup', 'pointercancel'] as const)
    held.addEventListener(end, () => dragging.abort(), until)
}

function setWidth(next: number) {
  view.sideBySide = false
  width.value = Math.min(most, Math.max(least, next))
}

/** From where the stop is, not from where it was drawn last: keys come faster than pictures. */
function nudge(key: string, by: number) {
  const handle = handles.value.find((one) => one.key === key)
  if (handle !== undefined) moveStop(handle.stop, handle.from + by)
}

/** A stop follows the pointer; it is kept as a width of the listing's own box. */
function moveStop(stop: number, pageWidth: number) {
  if (selection.place === undefined || !session.maySetUp) return
  const box = boxWidthAt(selection.place, pageWidth)
  selection.editListing(
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
  <div class="ruler">
    <slot />
    <div ref="track" class="track" @pointerdown.self="setWidth(widthAt($event))">
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
      <div class="reached" :style="{ width: `${placeOf(width) * 100}%` }" />
      <button
        v-for="stretch in handles"
        :key="stretch.key"
        type="button"
        class="handle stop"
        role="slider"
        :aria-label="words.stop(stretch.label)"
        :aria-valuemin="least"
        :aria-valuemax="most"
        :aria-valuenow="stretch.from"
        :aria-valuetext="words.stopAt(stops[stretch.stop]?.from ?? 0, stretch.from)"
        :title="words.stopAt(stops[stretch.stop]?.from ?? 0, stretch.from)"
        :style="{ left: `${placeOf(stretch.from) * 100}%` }"
        @pointerdown.prevent="drag($event, (to) => moveStop(stretch.stop, to))"
        @keydown.left.prevent="nudge(stretch.key, -10)"
        @keydown.right.prevent="nudge(stretch.key, 10)"
      />
      <button
        type="button"
        class="handle width"
        role="slider"
        :aria-label="words.width"
        :aria-valuemin="least"
        :aria-valuemax="most"
        :aria-valuenow="width"
        :aria-valuetext="`${width} ${words.pixels}`"
        :style="{ left: `${placeOf(width) * 100}%` }"
        @pointerdown.prevent="drag($event, setWidth)"
        @keydown.left.prevent="setWidth(width - 10)"
        @keydown.right.prevent="setWidth(width + 10)"
      />
    </div>
    <output class="shown tabular">
      <span>{{ width }} px</span>
      <small v-if="selection.box">{{
        words.ownWidth(Math.round(selection.box.now), selection.fitting !== null)
      }}</small>
    </output>
    <div class="named" role="group" :aria-label="words.width">
      <button
        v-for="one in named"
        :key="one.title"
        type="button"
        :aria-pressed="one.width === width && !view.sideBySide"
        @click="setWidth(one.width)"
      >
        {{ one.title }}
      </button>
      <button type="button" :aria-pressed="view.sideBySide" @click="view.sideBySide = !view.sideBySide">
        {{ words.sideBySide }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.ruler {
  display: flex;
  align-items: center;
  gap: 14px;
  height: 38px;
  padding: 0 12px 0 18px;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
}

.track {
  position: relative;
  flex: 1;
  height: 38px;
  touch-action: none;
}

.track::before,
.reached {
  content: '';
  position: absolute;
  left: 0;
  right: 0;
  bottom: 9px;
  height: 5px;
  border-radius: 3px;
  background: var(--kraft-deep);
  pointer-events: none;
}

.reached {
  right: auto;
  background: var(--ink);
  opacity: 0.26;
}

.stretch {
  position: absolute;
  top: 0;
  height: 100%;
  pointer-events: none;
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

.handle {
  position: absolute;
  bottom: 0;
  width: 24px;
  height: 24px;
  margin-left: -12px;
  cursor: ew-resize;
  touch-action: none;
}

.handle::before {
  content: '';
  position: absolute;
  inset: 4px 8px 4px 8px;
  border-radius: 3px;
}

.stop::before {
  background: rgb(var(--v-theme-shape));
}

.width::before {
  inset: 1px 7px;
  background: var(--ink);
}

.shown {
  display: grid;
  min-width: 66px;
  text-align: right;
  font-size: var(--size-note);
  font-weight: 650;
  line-height: 15px;
}

.shown small {
  font-size: var(--size-fine);
  font-weight: 500;
  line-height: 13px;
  color: var(--soft);
}

.named {
  display: flex;
  gap: 2px;
}

@media (max-width: 700px) {
  .shown,
  .named button:not(:last-child) {
    display: none;
  }
}

.named button {
  min-height: 28px;
  padding: 0 8px;
  border-radius: 6px;
  font-size: var(--size-note);
  font-weight: 600;
  color: var(--soft);
}

.named button:hover {
  background: var(--hover);
}

.named button[aria-pressed='true'] {
  background: var(--kraft-deep);
  color: var(--ink);
}
</style>
