<script setup lang="ts">
import type { DateSettings } from '~~/core/content/fields/date'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <v-text-field
    type="date"
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :min="(field.settings as DateSettings).earliest ?? undefined"
    :max="(field.settings as DateSettings).latest ?? undefined"
    :model-value="value"
    :error-messages="faults"
    @update:model-value="emit('change', $event)"
    @blur="emit('leave')"
  />
</template>
