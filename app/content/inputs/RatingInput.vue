<script setup lang="ts">
import type { RatingSettings } from '~~/core/content/fields/rating'
import { words } from '../words'
import TextualInput from './TextualInput.vue'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <TextualInput
    v-bind="$props"
    :suffix="words.ofBest((field.settings as RatingSettings).best)"
    @change="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
