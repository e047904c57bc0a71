<script setup lang="ts">
import type { NumberSettings } from '~~/core/content/fields/number'
import TextualInput from './TextualInput.vue'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <TextualInput
    v-bind="$props"
    :suffix="(field.settings as NumberSettings).unit"
    @change="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
