<script setup lang="ts">
import { computed } from 'vue'
import type { FileSettings } from '~~/core/content/fields/file'
import { mediaKinds } from '~~/core/content/media'
import type { MediaKind } from '~~/core/content/media'
import FieldMessages from '../FieldMessages.vue'
import MediaChoice from '../media/MediaChoice.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const kinds = computed((): readonly MediaKind[] => {
  if (props.field.type === 'picture') return ['picture']
  const wanted = (props.field.settings as FileSettings).kinds
  return wanted.length === 0 ? mediaKinds : wanted
})
</script>

<template>
  <section :aria-label="field.name">
    <p class="input-title">{{ labelOf(field) }}</p>
    <MediaChoice
      :model-value="typeof value === 'number' ? value : null"
      :kinds="kinds"
      :name="field.name"
      @update:model-value="emit('change', $event)"
    />
    <FieldMessages :faults="faults" :help="field.help" />
  </section>
</template>
