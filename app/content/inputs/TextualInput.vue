<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { fieldTypes } from '~~/core/content/fields'
import { useCatalogue } from '../../stores/catalogue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/**
 * A field whose value is typed as a text: a number, a duration, a rating. What cannot be read stays
 * in the box as it was typed, and is the value until it is put right.
 */
const props = defineProps<FieldInputProps & { suffix?: string; placeholder?: string }>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const catalogue = useCatalogue()
const type = computed(() => fieldTypes.get(props.field.type))
const place = computed(() => ({ locale: catalogue.catalogue.locale, zone: catalogue.catalogue.zone }))

const text = ref(textOf(props.value))
watch(
  () => props.value,
  (value) => {
    if (JSON.stringify(valueOf(text.value)) !== JSON.stringify(value ?? null)) text.value = textOf(value)
  },
)

function textOf(value: unknown): string {
  if (value === undefined || value === null) return ''
  return type.value.parse(value, props.field.settings).ok
    ? type.value.write(value, props.field.settings, place.value)
    : String(value)
}

function valueOf(typed: string): unknown {
  if (typed.trim() === '') return null
  const read = type.value.read(typed, props.field.settings, place.value)
  return read.ok ? read.value : outOfRange(typed)
}

/** A number that the settings refuse is kept as one, so that the message says why. */
function outOfRange(typed: string): unknown {
  const loose = type.value.read(
    typed,
    { ...(props.field.settings as object), least: null, most: null, decimals: 6, best: 1e9 },
    place.value,
  )
  return loose.ok ? loose.value : typed
}

function typed(next: string | null) {
  text.value = next ?? ''
  emit('change', valueOf(text.value))
}
</script>

<template>
  <v-text-field
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :model-value="text"
    :suffix="suffix"
    :placeholder="placeholder"
    :error-messages="faults"
    autocomplete="off"
    @update:model-value="typed"
    @blur="emit('leave')"
  />
</template>
