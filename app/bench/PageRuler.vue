<script setup lang="ts">
import { mdiThemeLightDark } from '@mdi/js'
import { useTemplateRef } from 'vue'
import { fetchedLater } from '../shared/fetched-later'
import { followPointer } from '../shared/follow-pointer'
import { useSelection } from '../stores/bench/selection'
import { useView } from '../stores/bench/view'
import { useCatalogue } from '../stores/catalogue'
import { namedWidths } from './preview/named-widths'
import { leastWidth, mostWidth, placeOf } from './ruler-widths'
import { words } from './words'

/** They tell of the chosen listing, and none is before the page has come. */
const RulerStops = fetchedLater(() => import('./RulerStops.vue'))

const width = defineModel<number>({ required: true })
const named = namedWidths.map(({ name, width: pixels }) => ({ title: words.widths[name], width: pixels }))

const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const track = useTemplateRef<HTMLElement>('track')

function widthAt(event: PointerEvent): number {
  const box = track.value?.getBoundingClientRect()
  if (!box) return width.value
  const part = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width))
  return Math.round(leastWidth + part * (mostWidth - leastWidth))
}

/** Follows the pointer until it is let go. The track holds it: a stop may be gone while it crosses a frame's jump. */
function drag(event: PointerEvent, move: (pageWidth: number) => void) {
  const held = track.value
  if (held === null) return
  ;(event.currentTarget as HTMLElement).focus()
  followPointer(held, event, (next) => move(widthAt(next)))
}

function setWidth(next: number) {
  view.sideBySide = false
  width.value = Math.min(mostWidth, Math.max(leastWidth, next))
}
</script>

<template>
  <div class="ruler">
    <slot />
    <div ref="track" class="track" @pointerdown.self="setWidth(widthAt($event))">
      <div class="reached" :style="{ width: `${placeOf(width) * 100}%` }" />
      <RulerStops v-if="selection.listing !== null" :width="width" @drag="drag" />
      <button
        type="button"
        class="handle width"
        role="slider"
        :aria-label="words.width"
        :aria-valuemin="leastWidth"
        :aria-valuemax="mostWidth"
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
    <!-- Its room is kept where pages have one set of colours alone: nothing moves once that is known. -->
    <button
      type="button"
      class="dark"
      :class="{ kept: catalogue.catalogue.values.pages !== 'visitor' }"
      :aria-pressed="view.isDark"
      :aria-label="words.onDark"
      :title="words.onDark"
      @click="view.isDark = !view.isDark"
    >
      <v-icon :icon="mdiThemeLightDark" size="18" />
    </button>
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

.track :deep(.handle) {
  position: absolute;
  bottom: 0;
  width: 24px;
  height: 24px;
  margin-left: -12px;
  cursor: ew-resize;
  touch-action: none;
}

.track :deep(.handle)::before {
  content: '';
  position: absolute;
  inset: 4px 8px 4px 8px;
  border-radius: 3px;
}

.track .width::before {
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

.dark {
  flex: none;
  width: 32px;
  height: 28px;
  margin-left: -10px;
  border-radius: 6px;
}

.dark:hover {
  background: var(--hover);
}

.dark[aria-pressed='true'] {
  background: var(--ink);
  color: var(--sheet);
}

.kept {
  visibility: hidden;
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
