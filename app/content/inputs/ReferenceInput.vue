<script setup lang="ts">
import { computed } from 'vue'
import type { ReferenceSettings } from '~~/core/content/fields/reference'
import EntryAutocomplete from '../EntryAutocomplete.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const settings = computed(() => props.field.settings as ReferenceSettings)
const chosen = computed(() => (Array.isArray(props.value) ? (props.value as number[]) : []))
</script>

<template>
  <EntryAutocomplete
    :label="labelOf(field)"
    :hint="field.help"
    :collections="[settings.collection]"
    :one="!settings.many"
    :required="field.required"
    :faults="faults"
    :model-value="chosen"
    @update:model-value="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
