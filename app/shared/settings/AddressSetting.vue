<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { readAddress } from '~~/core/content/fields/address'
import SettingRow from './SettingRow.vue'

/** Where something leads: taken once what is typed is an address; empty for nowhere. */
const props = defineProps<{ label: string; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
const text = ref(props.value)
const read = computed(() => (text.value.trim() === '' ? null : readAddress(text.value)))
const fault = computed(() => (read.value?.ok === false ? read.value.faults[0]?.message : undefined))
const address = computed(() => (read.value === null ? '' : read.value.ok ? read.value.value : null))
watch(
  () => props.value,
  (value) => {
    if (address.value !== value) text.value = value
  },
)

function typed(next: string) {
  text.value = next
  if (address.value !== null && address.value !== props.value) emit('change', address.value)
}
</script>

<template>
  <SettingRow :label="label" :control-id="id" :changed="value !== ''" @reset="typed('')">
    <v-text-field
      :id="id"
      placeholder="/plots"
      maxlength="2000"
      autocomplete="off"
      :model-value="text"
      :error-messages="fault"
      @update:model-value="typed($event ?? '')"
    />
  </SettingRow>
</template>
