<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { fetchBefore, fetchedLater, fetchMenuList } from './fetched-later'

/** A menu of things to do, opened by the control in its slot. Its list is fetched when it is wanted. */
export interface MenuAction {
  readonly title: string
  /** What it stands under together with its neighbours, where a menu is in parts. */
  readonly under?: string
  readonly run: () => unknown
}

defineProps<{ label: string; actions: readonly MenuAction[] }>()

const ActionMenuList = fetchedLater(fetchMenuList)
const isOpen = ref(false)
/** What opened it last; null before that. */
const activator = shallowRef<HTMLElement | null>(null)
/** The arrow key by which it was opened first. */
const arrow = ref<string | null>(null)

const opener = computed(() => ({
  'aria-haspopup': 'menu' as const,
  'aria-expanded': isOpen.value,
  onPointerenter: () => fetchBefore(fetchMenuList),
  onFocus: () => fetchBefore(fetchMenuList),
  onClick: press,
  onKeydown: pressKey,
}))

function press(event: Event) {
  if (activator.value !== null) isOpen.value = !isOpen.value
  activator.value = event.currentTarget as HTMLElement
}

/** The list hears arrow keys itself, once it is there. */
function pressKey(event: KeyboardEvent) {
  if (activator.value !== null || !['ArrowDown', 'ArrowUp'].includes(event.key)) return
  event.preventDefault()
  arrow.value = event.key
  activator.value = event.currentTarget as HTMLElement
}
</script>

<template>
  <slot :opener="opener" />
  <ActionMenuList
    v-if="activator"
    v-model="isOpen"
    :label="label"
    :actions="actions"
    :activator="activator"
    :arrow="arrow"
  />
</template>
