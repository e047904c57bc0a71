<script setup lang="ts">
import { computed } from 'vue'
import FieldMessages from '../FieldMessages.vue'
import MediaSequence from '../media/MediaSequence.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const chosen = computed(() => (Array.isArray(props.value) ? (props.value as number[]) : []))
</script>

<template>
  <section :aria-label="field.name">
    <p class="input-title">{{ labelOf(field) }}</p>
    <MediaSequence :model-value="chosen" :name="field.name" @update:model-value="emit('change', $event)" />
    <FieldMessages :faults="faults" :help="field.help" />
  </section>
</template>
