<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { colour } from '~~/core/content/fields/colour'
import ColourWell from '../ColourWell.vue'
import SettingRow from './SettingRow.vue'

/** A colour, picked or typed; what is no colour yet is not taken. */
const props = defineProps<{ label: string; value: string; pick: string; fallback?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
const text = ref(props.value)
watch(
  () => props.value,
  (value) => {
    if (readColour(text.value) !== value) text.value = value
  },
)

function readColour(typed: string): string | null {
  const parsed = colour.parse(typed.trim().toLowerCase(), {})
  return parsed.ok ? parsed.value : null
}

function typed(next: string) {
  text.value = next
  const read = readColour(next)
  if (read !== null && read !== props.value) emit('change', read)
}
</script>

<template>
  <SettingRow
    :label="label"
    :control-id="id"
    :changed="fallback !== undefined && value !== fallback"
    @reset="fallback !== undefined && emit('change', fallback)"
  >
    <ColourWell :value="value" :label="pick" @pick="typed">
      <v-text-field
        :id="id"
        maxlength="7"
        :model-value="text"
        @update:model-value="typed($event ?? '')"
        @blur="text = value"
      />
    </ColourWell>
  </SettingRow>
</template>
