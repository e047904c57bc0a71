<script setup lang="ts">
import SheetDialog from '../shared/SheetDialog.vue'
import { words } from './words'

/** Somebody saved the page in between: which of the two goes on is for people to say. */
defineProps<{ message: string }>()
const emit = defineEmits<{ settle: [keep: 'mine' | 'theirs'] }>()
</script>

<template>
  <SheetDialog :model-value="true" persistent :title="words.overtakenTitle">
    {{ message }} {{ words.overtakenText }}
    <template #actions>
      <v-btn height="36" @click="emit('settle', 'theirs')">{{ words.takeTheirs }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" @click="emit('settle', 'mine')">{{
        words.keepMine
      }}</v-btn>
    </template>
  </SheetDialog>
</template>
