<script setup lang="ts">
import { computed } from 'vue'
import { colour } from '~~/core/content/fields/colour'
import ColourWell from '../../shared/ColourWell.vue'
import TextualInput from './TextualInput.vue'
import { words } from '../words'
import type { FieldInputProps } from './field-input'

/** A colour typed, or picked from the platform's own picker. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const known = computed(() => {
  const parsed = colour.parse(props.value, {})
  return parsed.ok ? parsed.value : '#ffffff'
})
</script>

<template>
  <ColourWell
    :value="known"
    :label="words.pickColour(field.name)"
    @pick="emit('change', $event)"
    @leave="emit('leave')"
  >
    <TextualInput
      v-bind="$props"
      placeholder="#a8431f"
      @change="emit('change', $event)"
      @leave="emit('leave')"
    />
  </ColourWell>
</template>
