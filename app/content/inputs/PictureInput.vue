<script setup lang="ts">
import FieldMessages from '../FieldMessages.vue'
import MediaChoice from '../media/MediaChoice.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
</script>

<template>
  <section :aria-label="field.name">
    <p class="input-title">{{ labelOf(field) }}</p>
    <MediaChoice
      :model-value="typeof value === 'number' ? value : null"
      :kinds="['picture']"
      :name="field.name"
      @update:model-value="emit('change', $event)"
    />
    <FieldMessages :faults="faults" :help="field.help" />
  </section>
</template>
