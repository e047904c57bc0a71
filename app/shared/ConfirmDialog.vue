<script setup lang="ts">
import SheetDialog from './SheetDialog.vue'
import { words } from './words'

/** Asks once before something goes: what will go, and the press that does it. */
const open = defineModel<boolean>({ required: true })
defineProps<{ title: string; text: string; action: string }>()
const emit = defineEmits<{ confirm: [] }>()

/** First it is done: whoever keeps what was asked about forgets it once the dialog is closed. */
function confirm() {
  emit('confirm')
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :width="420" :title="title">
    {{ text }}
    <slot />
    <template #actions>
      <v-btn height="36" @click="open = false">{{ words.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="error" @click="confirm">{{ action }}</v-btn>
    </template>
  </SheetDialog>
</template>
