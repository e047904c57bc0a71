<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import type { RichText } from '~~/core/content/rich-text/document'
import { fetched } from '../../shared/fetched-later'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const RichTextEditor = defineAsyncComponent(() => fetched(() => import('../RichTextEditor.vue')))
</script>

<template>
  <RichTextEditor
    :label="labelOf(field)"
    :hint="field.help"
    :model-value="(value as RichText | null | undefined) ?? null"
    :faults="faults"
    @update:model-value="emit('change', $event)"
    @leave="emit('leave')"
  />
</template>
