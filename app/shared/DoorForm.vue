<script setup lang="ts">
import type { RequestProblem } from './http'

/**
 * A form on the sheet at the door: its fields, what the server has against it, and the press that
 * sends it.
 */
defineProps<{ action: string; sending: boolean; problem: RequestProblem | null }>()
const emit = defineEmits<{ send: [] }>()
</script>

<template>
  <form novalidate @submit.prevent="emit('send')">
    <slot />
    <p v-if="problem && problem.details.faults.length === 0" role="alert">{{ problem.message }}</p>
    <v-btn type="submit" variant="flat" color="primary" height="42" :loading="sending" block>{{
      action
    }}</v-btn>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 14px;
}

[role='alert'] {
  color: rgb(var(--v-theme-error));
}
</style>
