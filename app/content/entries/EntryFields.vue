<script setup lang="ts">
import type { Field, FieldValues } from '~~/core/content/field'
import { fieldEditing } from '../inputs'

/** The fields of a collection as a form, made from their definitions alone. */
defineProps<{ fields: readonly Field[]; values: FieldValues; faults: (path: string) => string[] }>()
const emit = defineEmits<{ change: [fieldId: number, value: unknown]; leave: [path: string] }>()
</script>

<template>
  <component
    :is="fieldEditing[field.type].input"
    v-for="field in fields"
    :key="`${field.id} ${field.type}`"
    :field="field"
    :value="values[field.id]"
    :faults="faults(`values.${field.id}`)"
    @change="emit('change', field.id, $event)"
    @leave="emit('leave', `values.${field.id}`)"
  />
</template>
