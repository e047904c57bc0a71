<script setup lang="ts">
import { ref } from 'vue'
import ConfirmDialog from './ConfirmDialog.vue'
import SheetDialog from './SheetDialog.vue'
import type { RequestProblem } from './http'
import { isSaveKey } from './save-key'
import { words } from './words'

/**
 * A dialog that is a form: its fields, what was wrong with sending it, and the presses that send
 * it, leave it, or remove what it shows.
 */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  title: string
  save: string
  sending: boolean
  problem: RequestProblem | null
  /** Whether something is typed that closing would lose: then it is asked first. */
  changed: boolean
  remove?: string
  width?: number
}>()
const emit = defineEmits<{ send: []; remove: [] }>()

const asking = ref(false)

function close() {
  if (props.changed) asking.value = true
  else open.value = false
}

function pressed(event: KeyboardEvent) {
  if (!isSaveKey(event)) return
  event.preventDefault()
  emit('send')
}

function removeShown() {
  open.value = false
  emit('remove')
}
</script>

<template>
  <SheetDialog
    :model-value="open"
    :title="title"
    :width="width"
    @update:model-value="close"
    @keydown="pressed"
  >
    <form novalidate class="sheet-form" @submit.prevent="emit('send')">
      <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
      <slot />
    </form>

    <template #actions>
      <v-btn v-if="remove" class="push-left" height="36" variant="text" color="error" @click="removeShown">{{
        remove
      }}</v-btn>
      <v-btn height="36" @click="close">{{ words.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" :loading="sending" @click="emit('send')">{{
        save
      }}</v-btn>
    </template>
  </SheetDialog>
  <ConfirmDialog
    v-model="asking"
    :title="words.leaveTitle"
    :text="words.leaveText"
    :action="words.leave"
    @confirm="open = false"
  />
</template>
