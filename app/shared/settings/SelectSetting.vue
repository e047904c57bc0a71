<script setup lang="ts" generic="Value extends string | number">
import { useId } from 'vue'
import SettingRow from './SettingRow.vue'

/** One of many, opened to be chosen from. */
defineProps<{
  label: string
  value: Value
  choices: readonly { readonly value: Value; readonly title: string }[]
  fallback?: Value
  hint?: string
}>()
const emit = defineEmits<{ change: [value: Value] }>()
const id = useId()
</script>

<template>
  <SettingRow
    :label="label"
    :control-id="id"
    :changed="fallback !== undefined && value !== fallback"
    @reset="fallback !== undefined && emit('change', fallback)"
  >
    <v-select
      :id="id"
      :items="[...choices]"
      :model-value="value"
      :hint="hint"
      :persistent-hint="hint !== undefined"
      @update:model-value="emit('change', $event as Value)"
    />
  </SettingRow>
</template>
