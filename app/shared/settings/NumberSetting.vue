<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import SettingRow from './SettingRow.vue'

/** A whole number that takes effect as it is typed; one out of its limits is said and not taken. */
const props = defineProps<{
  label: string
  value: number
  least: number
  most: number
  fallback?: number
  unit?: string
}>()
const emit = defineEmits<{ change: [value: number] }>()

const id = useId()
const text = ref(String(props.value))
watch(
  () => props.value,
  (value) => {
    if (Number(text.value) !== value) text.value = String(value)
  },
)

const fault = computed(() => {
  const number = Number(text.value)
  const fits =
    text.value.trim() !== '' && Number.isInteger(number) && number >= props.least && number <= props.most
  return fits ? null : `Use a whole number from ${props.least} to ${props.most}.`
})

function typed(value: string | null) {
  text.value = value ?? ''
  if (fault.value === null && Number(text.value) !== props.value) emit('change', Number(text.value))
}
</script>

<template>
  <SettingRow
    :label="label"
    :control-id="id"
    :changed="fallback !== undefined && value !== fallback"
    @reset="emit('change', fallback ?? value)"
  >
    <v-text-field
      :id="id"
      type="number"
      inputmode="numeric"
      :min="least"
      :max="most"
      :suffix="unit"
      :model-value="text"
      :error-messages="fault ?? undefined"
      @update:model-value="typed"
    />
  </SettingRow>
</template>
