<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import type { ComponentPublicInstance } from 'vue'

/** A menu of things to do, opened by the control in its slot. */
export interface MenuAction {
  readonly title: string
  readonly run: () => unknown
}

defineProps<{ label: string; actions: readonly MenuAction[] }>()

const isOpen = ref(false)
const list = useTemplateRef<ComponentPublicInstance>('list')
useEventListener(document, 'keydown', find)

/** Typing goes to the next thing that begins so (WAI-ARIA Authoring Practices, menu pattern). */
function find(event: KeyboardEvent) {
  if (!isOpen.value) return
  if (event.key.length !== 1 || event.key === ' ' || event.ctrlKey || event.metaKey || event.altKey) return
  const items = Array.from(
    (list.value?.$el as HTMLElement | undefined)?.querySelectorAll<HTMLElement>('[role=menuitem]') ?? [],
  )
  const at = items.indexOf(document.activeElement as HTMLElement)
  const after = [...items.slice(at + 1), ...items.slice(0, at + 1)]
  after.find((item) => item.textContent?.trim().toLowerCase().startsWith(event.key.toLowerCase()))?.focus()
}
</script>

<template>
  <v-menu v-model="isOpen" location="bottom end">
    <template #activator="{ props: opener }"><slot :opener="opener" /></template>
    <v-list ref="list" role="menu" :aria-label="label" density="compact" min-width="200">
      <v-list-item
        v-for="action in actions"
        :key="action.title"
        role="menuitem"
        :title="action.title"
        @click="action.run"
      />
    </v-list>
  </v-menu>
</template>
