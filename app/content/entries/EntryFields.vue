<script setup lang="ts">
import { computed } from 'vue'
import type { Field, FieldValues } from '~~/core/content/field'
import { presentWhen, timingOf, valuesInZone, zoneOf } from '~~/core/content/happening'
import { useCatalogue } from '../../stores/catalogue'
import { fieldEditing } from '../inputs'
import { provideEntryTiming } from '../inputs/entry-timing'
import { words } from '../words'

/** The fields of a collection as a form, made from their definitions alone. */
const props = defineProps<{
  fields: readonly Field[]
  values: FieldValues
  faults: (path: string) => string[]
}>()
const emit = defineEmits<{ change: [fieldId: number, value: unknown]; leave: [path: string] }>()
const catalogue = useCatalogue()

const when = computed(() => {
  const [first] = props.fields
  const { collections } = catalogue.catalogue
  const happening = collections.find((one) => one.fields.some((field) => field.id === first?.id))?.happening
  return happening === undefined ? null : presentWhen(happening, props.fields)
})
provideEntryTiming(
  computed(() => {
    if (when.value === null) return null
    const { zone } = catalogue.catalogue
    const { wholeDays } = when.value
    return {
      when: when.value,
      zone: zoneOf(when.value, props.values, zone),
      isWholeDays: wholeDays !== null && props.values[wholeDays] === true,
      timing: timingOf(when.value, props.values, zone),
    }
  }),
)

/** What says when an entry happens stands together, where the first of it would: in one row as far as it fits. */
const blocks = computed<readonly (readonly Field[])[]>(() => {
  const says = when.value
  const own =
    says === null ? [] : [says.start, says.end, says.length, says.wholeDays, says.zone, says.repeats]
  // One field may say both when it begins and when it ends.
  const together = [...new Set(own)].flatMap((id) => props.fields.find((field) => field.id === id) ?? [])
  const first = props.fields.find((field) => together.includes(field))
  if (together.length < 2) return props.fields.map((field) => [field])
  return props.fields.flatMap((field) =>
    field === first ? [together] : together.includes(field) ? [] : [[field]],
  )
})

function change(id: number, value: unknown) {
  if (when.value === null || when.value.zone !== id) return emit('change', id, value)
  const { zone } = catalogue.catalogue
  const values = valuesInZone(when.value, props.values, value, zone)
  for (const key of [id, when.value.start, when.value.end])
    if (key !== null && values[key] !== props.values[key]) emit('change', key, values[key])
}
</script>

<template>
  <component
    :is="block.length > 1 ? 'fieldset' : 'div'"
    v-for="block in blocks"
    :key="block[0]?.id"
    :class="{ together: block.length > 1 }"
  >
    <legend v-if="block.length > 1">{{ words.when }}</legend>
    <component
      :is="fieldEditing[field.type].input"
      v-for="field in block"
      :key="`${field.id} ${field.type}`"
      :class="{ whole: field.type === 'recurrence' }"
      :field="field"
      :value="values[field.id]"
      :faults="faults(`values.${field.id}`)"
      @change="change(field.id, $event)"
      @leave="emit('leave', `values.${field.id}`)"
    />
  </component>
</template>

<style scoped>
.together {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 1fr));
  gap: 14px 16px;
  align-items: start;
  margin: 0;
  padding: 12px 16px 16px;
  border: 1px solid var(--line);
  border-radius: 10px;
}

legend {
  padding: 0 6px;
  margin-inline-start: -6px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--soft);
}

.whole {
  grid-column: 1 / -1;
}
</style>
