<script setup lang="ts">
import { words } from './words'

/** Asks once before something goes: what will go, and the press that does it. */
const open = defineModel<boolean>({ required: true })
defineProps<{ title: string; text: string; action: string }>()
const emit = defineEmits<{ confirm: [] }>()

function confirm() {
  open.value = false
  emit('confirm')
}
</script>

<template>
  <v-dialog v-model="open" max-width="420">
    <v-card :title="title">
      <v-card-text>{{ text }}</v-card-text>
      <v-card-actions>
        <v-btn height="36" @click="open = false">{{ words.cancel }}</v-btn>
        <v-btn height="36" variant="flat" color="error" @click="confirm">{{ action }}</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
