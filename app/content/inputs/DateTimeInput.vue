<script setup lang="ts">
import InstantField from '../../shared/dates/InstantField.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <InstantField
    :label="labelOf(field)"
    :hint="field.help"
    :model-value="typeof value === 'number' ? value : null"
    :faults="faults"
    @update:model-value="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
