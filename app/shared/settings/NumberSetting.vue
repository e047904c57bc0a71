<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import SettingRow from './SettingRow.vue'

/**
 * A whole number that takes effect as it is typed. One out of its limits is said and not taken, nor
 * is what its first digits came to on the way: the number stays what it was before.
 */
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
let before = props.value
/** What was given on last; what comes back of it leaves the typing alone. */
let given = props.value
watch(
  () => props.value,
  (value) => {
    if (value !== given && Number(text.value) !== value) text.value = String(value)
    given = value
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
  give(fault.value === null ? Number(text.value) : before)
}

function give(value: number) {
  if (value === props.value) return
  given = value
  emit('change', value)
}

function left() {
  if (fault.value !== null) text.value = String(props.value)
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
      @focus="before = value"
      @change="before = value"
      @blur="left"
    />
  </SettingRow>
</template>
