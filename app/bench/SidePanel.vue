<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useTemplateRef } from 'vue'
import { useReturnedFocus } from '../shared/returned-focus'

/** What stands beside the page: a title, what it is for, and the ways to close it. */
defineProps<{
  title: string
  hint: string
  /** What the way to close it is called; nothing for one that stays. */
  close?: string
}>()
const emit = defineEmits<{ close: [] }>()
const heading = useTemplateRef<HTMLElement>('heading')
const { remember, giveBack } = useReturnedFocus()

/** Moves the focus here, as after a press that opened this. */
function takeFocus() {
  if (heading.value?.closest('aside')?.contains(document.activeElement) !== true) remember()
  heading.value?.focus({ preventScroll: true })
}
defineExpose({ takeFocus })

function leave() {
  emit('close')
  giveBack()
}

/** What closes with Escape before this does: dialogs, menus and open lists. */
const inFront = '.v-overlay--active[role=dialog], .v-overlay--active :is([role=listbox], [role=menu])'

/** Seen before what lies in front hears the key: by the time this does, that has closed. */
let isCovered = false

function pressed() {
  isCovered = document.querySelector(inFront) !== null
}

function escaped(event: KeyboardEvent) {
  if (!event.defaultPrevented && !isCovered) leave()
}
</script>

<template>
  <aside class="panel" :aria-label="title" @keydown.esc.capture="pressed" @keydown.esc="escaped">
    <div class="head">
      <h2 ref="heading" data-region tabindex="-1">{{ title }}</h2>
      <slot name="actions" />
      <v-btn v-if="close" :icon="mdiClose" size="32" variant="text" :aria-label="close" @click="leave" />
    </div>
    <p class="hint">{{ hint }}</p>
    <slot />
  </aside>
</template>

<style scoped>
.panel {
  height: 100%;
  padding: 14px 16px 28px;
  border-top: 4px solid var(--clause, var(--ink));
  background: var(--sheet);
  overflow-y: auto;
  overscroll-behavior: contain;
}

.head {
  display: flex;
  align-items: center;
  margin-right: -6px;
}

h2 {
  flex: 1;
  font-size: var(--size-head);
  font-weight: 700;
  letter-spacing: -0.01em;
}

h2:focus {
  outline: none;
}

.hint {
  margin: 2px 0 14px;
  font-size: var(--size-small);
  line-height: 1.4;
  color: var(--soft);
}
</style>
