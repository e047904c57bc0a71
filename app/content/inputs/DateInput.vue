<script setup lang="ts">
import type { DateSettings } from '~~/core/content/fields/date'
import DayField from '../../shared/dates/DayField.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <DayField
    :label="labelOf(field)"
    :hint="field.help"
    :earliest="(field.settings as DateSettings).earliest"
    :latest="(field.settings as DateSettings).latest"
    :model-value="typeof value === 'string' && value !== '' ? value : null"
    :faults="faults"
    clearable
    @update:model-value="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
