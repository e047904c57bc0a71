<script setup lang="ts">
import { computed } from 'vue'
import InstantField from '../../shared/dates/InstantField.vue'
import { useEntryTiming } from './entry-timing'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()

/** When the entry happens, where this is a field that says so: then its own clock counts. */
const entry = useEntryTiming()
const own = computed(() => {
  const timing = entry?.value ?? null
  return timing?.when.start === props.field.id || timing?.when.end === props.field.id ? timing : null
})
</script>

<template>
  <InstantField
    :label="labelOf(field)"
    :hint="field.help"
    :model-value="typeof value === 'number' ? value : null"
    :faults="faults"
    :zone="own?.zone"
    :is-of-days="own?.isWholeDays"
    @update:model-value="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
