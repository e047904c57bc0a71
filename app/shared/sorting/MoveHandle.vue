<script setup lang="ts">
import { mdiDragVertical } from '@mdi/js'
import { words } from '../words'

/** What something in a list is moved by: dragged, or with the arrow keys on it. */
defineProps<{ name: string; move: string }>()
const emit = defineEmits<{ step: [direction: Direction, handle: HTMLElement] }>()

const directions = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'left',
  ArrowRight: 'right',
} as const

function pressed(event: KeyboardEvent) {
  const direction = directions[event.key as keyof typeof directions] as Direction | undefined
  if (direction === undefined || event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  emit('step', direction, event.currentTarget as HTMLElement)
}
</script>

<script lang="ts">
export type Direction = 'up' | 'down' | 'left' | 'right'
</script>

<template>
  <button
    type="button"
    class="move-handle"
    :data-move="move"
    :aria-label="words.move(name)"
    @keydown="pressed"
  >
    <v-icon :icon="mdiDragVertical" size="18" />
  </button>
</template>

<style scoped>
.move-handle {
  display: grid;
  place-items: center;
  width: 24px;
  height: 32px;
  border-radius: 5px;
  color: var(--faint);
  cursor: grab;
}

.move-handle:hover {
  color: var(--text);
}
</style>
