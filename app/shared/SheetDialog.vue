<script setup lang="ts">
import { nextTick, watch } from 'vue'

/** The one dialog: a sheet with a title, what it is about, and the presses that end it. */
const open = defineModel<boolean>({ required: true })

/** What had the focus when it was opened, and gets it back. */
let opener: Element | null = null
watch(
  open,
  (isOpen) => {
    if (isOpen) opener = document.activeElement
    else void nextTick(() => opener instanceof HTMLElement && opener.isConnected && opener.focus())
  },
  { flush: 'sync', immediate: true },
)

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
