<script setup lang="ts">
import { onBeforeUnmount, watch } from 'vue'
import { useReturnedFocus } from './returned-focus'

/** The one dialog: a sheet with a title, what it is about, and the presses that end it. */
const open = defineModel<boolean>({ required: true })

const { remember, giveBack } = useReturnedFocus()
watch(open, (isOpen) => (isOpen ? remember() : giveBack()), { flush: 'sync', immediate: true })
// Some are there only while they are open, and are gone before they hear of it.
onBeforeUnmount(giveBack)

withDefaults(
  defineProps<{
    title: string
    width?: number
    /** For what is found by typing: as high whatever is found, so that nothing moves under the pointer. */
    steady?: boolean
  }>(),
  { width: 460 },
)
</script>

<template>
  <v-dialog v-model="open" :max-width="width" :aria-label="title" scrollable>
    <v-card :title="title" :height="steady ? 'min(680px, 84vh)' : undefined">
      <v-card-text><slot /></v-card-text>
      <v-card-actions v-if="$slots.actions"><slot name="actions" /></v-card-actions>
    </v-card>
  </v-dialog>
</template>
