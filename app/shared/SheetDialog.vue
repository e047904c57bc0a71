<script setup lang="ts">
import { nextTick, onBeforeUnmount, watch } from 'vue'

/** The one dialog: a sheet with a title, what it is about, and the presses that end it. */
const open = defineModel<boolean>({ required: true })

/** What had the focus when it was opened, and gets it back. */
let opener: Element | null = null

function giveBack() {
  const to = opener
  opener = null
  void nextTick(() => to instanceof HTMLElement && to.isConnected && to.focus())
}

watch(
  open,
  (isOpen) => {
    if (isOpen) opener = document.activeElement
    else giveBack()
  },
  { flush: 'sync', immediate: true },
)
// Some are there only while they are open, and are gone before they hear of it.
onBeforeUnmount(giveBack)

withDefaults(defineProps<{ title: string; width?: number }>(), { width: 460 })
</script>

<template>
  <v-dialog v-model="open" :max-width="width" :aria-label="title" scrollable>
    <v-card :title="title">
      <v-card-text><slot /></v-card-text>
      <v-card-actions v-if="$slots.actions"><slot name="actions" /></v-card-actions>
    </v-card>
  </v-dialog>
</template>
