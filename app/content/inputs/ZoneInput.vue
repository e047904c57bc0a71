<script setup lang="ts">
import { computed } from 'vue'
import { zonesWith } from '../../shared/zones'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/** A time zone, found by typing a part of its name. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const zones = computed(() => zonesWith(typeof props.value === 'string' ? props.value : ''))
</script>

<template>
  <v-autocomplete
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :items="[...zones]"
    :model-value="typeof value === 'string' ? value : null"
    :error-messages="faults"
    :clearable="!field.required"
    auto-select-first
    @update:model-value="emit('change', $event)"
    @blur="emit('leave')"
  />
</template>
