<script setup lang="ts">
import { computed } from 'vue'
import { colour } from '~~/core/content/fields/colour'
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
  <div class="colour">
    <input
      type="color"
      :value="known"
      :aria-label="words.pickColour(field.name)"
      @input="emit('change', ($event.target as HTMLInputElement).value)"
      @blur="emit('leave')"
    />
    <TextualInput
      v-bind="$props"
      placeholder="#a8431f"
      @change="emit('change', $event)"
      @leave="emit('leave')"
    />
  </div>
</template>

<style scoped>
.colour {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: 8px;
}

input[type='color'] {
  width: 44px;
  height: 40px;
  padding: 3px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  cursor: pointer;
}
</style>
