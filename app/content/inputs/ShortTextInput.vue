<script setup lang="ts">
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <v-text-field
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :model-value="value"
    :error-messages="faults"
    autocomplete="off"
    @update:model-value="emit('change', $event)"
    @blur="emit('leave')"
  />
</template>
