<script setup lang="ts">
import { useId } from 'vue'
import SettingRow from './SettingRow.vue'

/** A few words, taken as they are typed. */
defineProps<{ label: string; value: string; fallback?: string; most: number; required?: boolean }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
</script>

<template>
  <SettingRow
    :label="label"
    :control-id="id"
    :changed="fallback !== undefined && value !== fallback"
    @reset="emit('change', fallback ?? '')"
  >
    <v-text-field
      :id="id"
      :maxlength="most"
      :model-value="value"
      @update:model-value="(!required || $event) && emit('change', $event ?? '')"
    />
  </SettingRow>
</template>
