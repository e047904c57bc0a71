<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { nextTick, onMounted, useTemplateRef } from 'vue'
import type { ComponentPublicInstance } from 'vue'
import type { MenuAction } from './ActionMenu.vue'

/** The list of a menu, beside what opened it, once somebody has opened it. */
const open = defineModel<boolean>({ required: true })
const { activator, arrow } = defineProps<{
  label: string
  actions: readonly MenuAction[]
  activator: HTMLElement
  /** The arrow key that opened it, which goes to the list's first thing, or its last. */
  arrow: string | null
}>()

const list = useTemplateRef<ComponentPublicInstance>('list')
useEventListener(document, 'keydown', find)
onMounted(async () => {
  if (arrow === null) {
    open.value = true
    return
  }
  // The menu itself hears arrow keys on what opens it, from the next turn on.
  await nextTick()
  activator.dispatchEvent(new KeyboardEvent('keydown', { key: arrow, bubbles: true }))
})

/** Typing goes to the next thing that begins so (WAI-ARIA Authoring Practices, menu pattern). */
function find(event: KeyboardEvent) {
  if (!open.value) return
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
  <v-menu v-model="open" :activator="activator" :open-on-click="false" location="bottom end">
    <v-list ref="list" role="menu" :aria-label="label" density="compact" min-width="200">
      <template v-for="(action, at) in actions" :key="at">
        <v-list-subheader
          v-if="action.under && action.under !== actions[at - 1]?.under"
          role="presentation"
          >{{ action.under }}</v-list-subheader
        >
        <v-list-item role="menuitem" :title="action.title" @click="action.run" />
      </template>
    </v-list>
  </v-menu>
</template>
