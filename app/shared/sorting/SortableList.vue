<script setup lang="ts" generic="Item">
import { withMoved } from '~~/core/ordering'
import DraggableRows from './DraggableRows.vue'
import type { Direction } from './MoveHandle.vue'
import { holdFocus } from './held-focus'

/**
 * Things in an order that people change, by dragging or by the arrow keys on a thing's handle. Each
 * row is given its handle to place.
 */
const props = defineProps<{
  items: readonly Item[]
  keyOf: (item: Item, at: number) => string | number
  nameOf: (item: Item) => string
  label?: string
  /** What a row is dragged by. */
  grip?: string
}>()
const emit = defineEmits<{ order: [items: readonly Item[]] }>()
const steps: Readonly<Record<Direction, number>> = { up: -1, left: -1, down: 1, right: 1 }

function handleOf(item: Item, at: number) {
  return {
    name: props.nameOf(item),
    move: String(props.keyOf(item, at)),
    onStep: (direction: Direction, handle: HTMLElement) => step(item, at, direction, handle),
  }
}

function step(item: Item, at: number, direction: Direction, handle: HTMLElement) {
  holdFocus(handle, props.nameOf(item))
  const next = withMoved(props.items, at, steps[direction])
  if (next !== props.items) emit('order', next)
}
</script>

<template>
  <DraggableRows
    :items="items"
    tag="ol"
    :grip="grip"
    :aria-label="label"
    data-move-room
    @order="emit('order', $event)"
  >
    <li v-for="(item, at) in items" :key="keyOf(item, at)">
      <slot :item="item" :at="at" :handle="handleOf(item, at)" />
    </li>
  </DraggableRows>
</template>
