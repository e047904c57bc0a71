<script setup lang="ts">
import SheetDialog from './SheetDialog.vue'
import type { RequestProblem } from './http'
import { words } from './words'

/**
 * A dialog that is a form: its fields, what was wrong with sending it, and the presses that send
 * it, leave it, or remove what it shows.
 */
const open = defineModel<boolean>({ required: true })
defineProps<{
  title: string
  save: string
  sending: boolean
  problem: RequestProblem | null
  remove?: string
  width?: number
}>()
const emit = defineEmits<{ send: []; remove: [] }>()

function removeShown() {
  open.value = false
  emit('remove')
}
</script>

<template>
  <SheetDialog v-model="open" :title="title" :width="width">
    <form novalidate class="sheet-form" @submit.prevent="emit('send')">
      <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
      <slot />
    </form>

    <template #actions>
      <v-btn v-if="remove" class="push-left" height="36" variant="text" color="error" @click="removeShown">{{
        remove
      }}</v-btn>
      <v-btn height="36" @click="open = false">{{ words.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" :loading="sending" @click="emit('send')">{{
        save
      }}</v-btn>
    </template>
  </SheetDialog>
</template>
