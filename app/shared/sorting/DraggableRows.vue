<script setup lang="ts" generic="Item">
import type { SortableEvent } from 'sortablejs'
import type { UseDraggableReturn } from 'vue-draggable-plus'
import { computed, onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import { fetched } from '../fetched-later'

/**
 * Rows that are dragged by their handles, within their list and into others of its group. What drags
 * them is fetched when first something may be moved, and says by `data-draggable` that it is there.
 */
const props = defineProps<{
  items: readonly Item[]
  tag: 'ol' | 'ul'
  /** Lists of one name take each other's rows. */
  group?: string
  /** What a row is dragged by. */
  grip?: string
  /** Whether nothing is moved now. */
  still?: boolean
  /** Whether rows hold lists of their own, between which the pointer has to tell. */
  nested?: boolean
}>()
const emit = defineEmits<{
  /** The list as it is after a drag that began or ended in it. */
  order: [items: readonly Item[]]
  /** A row was dropped here, from here or from another list of the group. */
  drop: [event: SortableEvent]
}>()

const root = useTemplateRef<HTMLElement>('root')
const order = computed({ get: () => [...props.items], set: (next) => emit('order', next) })
let isGone = false
let sortable: UseDraggableReturn | null = null

onMounted(begin)
watch(() => props.still, begin)

async function begin() {
  if (sortable !== null || props.still) return sortable?.option('disabled', props.still)
  const { useDraggable } = await fetched(() => import('vue-draggable-plus'))
  if (isGone || sortable !== null || root.value === null) return
  sortable = useDraggable(root.value, order, {
    immediate: false,
    handle: props.grip ?? '.move-handle',
    group: props.group,
    animation: 120,
    forceFallback: true,
    fallbackOnBody: true,
    swapThreshold: props.nested ? 0.6 : 1,
    onAdd: (event) => emit('drop', event),
    onUpdate: (event) => emit('drop', event),
  })
  sortable.start(root.value)
  root.value.dataset.draggable = ''
}

onBeforeUnmount(() => {
  isGone = true
  sortable?.destroy()
})
</script>

<template>
  <component :is="tag" ref="root"><slot /></component>
</template>
