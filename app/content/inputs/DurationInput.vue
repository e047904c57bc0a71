<script setup lang="ts">
import { words } from '../words'
import TextualInput from './TextualInput.vue'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <TextualInput
    v-bind="$props"
    :placeholder="words.durationExample"
    @change="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
