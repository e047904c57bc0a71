<script setup lang="ts">
import { computed } from 'vue'
import type { ChoiceSettings } from '~~/core/content/fields/choice'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const settings = computed(() => props.field.settings as ChoiceSettings)
const chosen = computed(() => (Array.isArray(props.value) ? (props.value as string[]) : []))
</script>

<template>
  <v-autocomplete
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :items="[...settings.options]"
    item-title="title"
    item-value="key"
    :model-value="settings.many ? chosen : (chosen[0] ?? null)"
    :multiple="settings.many"
    :chips="settings.many"
    :closable-chips="settings.many"
    :clearable="!field.required"
    auto-select-first
    :clear-on-select="settings.many"
    :error-messages="faults"
    @update:model-value="emit('change', $event === null ? [] : [$event].flat())"
    @blur="emit('leave')"
  />
</template>
