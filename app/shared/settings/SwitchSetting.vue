<script setup lang="ts">
import SettingRow from './SettingRow.vue'

/** Something that is on or off. */
withDefaults(defineProps<{ label: string; value: boolean; fallback?: boolean }>(), { fallback: undefined })
const emit = defineEmits<{ change: [value: boolean] }>()
</script>

<template>
  <SettingRow
    :label="label"
    bare
    :changed="fallback !== undefined && value !== fallback"
    @reset="emit('change', fallback ?? false)"
  >
    <v-switch :label="label" :model-value="value" @update:model-value="emit('change', $event === true)" />
  </SettingRow>
</template>
