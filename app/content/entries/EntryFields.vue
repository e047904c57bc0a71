<script setup lang="ts">
import { computed } from 'vue'
import type { Field, FieldValues } from '~~/core/content/field'
import { presentWhen, timingOf } from '~~/core/content/happening'
import { useCatalogue } from '../../stores/catalogue'
import { fieldEditing } from '../inputs'
import { provideEntryTiming } from '../inputs/entry-timing'

/** The fields of a collection as a form, made from their definitions alone. */
const props = defineProps<{
  fields: readonly Field[]
  values: FieldValues
  faults: (path: string) => string[]
}>()
const emit = defineEmits<{ change: [fieldId: number, value: unknown]; leave: [path: string] }>()
const catalogue = useCatalogue()

provideEntryTiming(
  computed(() => {
    const [first] = props.fields
    const { collections, zone } = catalogue.catalogue
    const happening = collections.find((one) => one.fields.some((field) => field.id === first?.id))?.happening
    const when = happening === undefined ? null : presentWhen(happening, props.fields)
    const timing = when === null ? null : timingOf(when, props.values, zone)
    return timing === null || when === null || when.repeats === null
      ? null
      : { repeats: when.repeats, timing }
  }),
)
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
