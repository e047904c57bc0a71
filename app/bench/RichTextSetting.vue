<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { emptyDocument } from '~~/core/content/rich-text/document'
import type { RichText } from '~~/core/content/rich-text/document'
import { fetched } from '../shared/fetched-later'

/** Rich text beside the page; its editor is fetched when it is first seen. */
defineProps<{ label: string; value: RichText }>()
const emit = defineEmits<{ change: [value: RichText] }>()
const RichTextEditor = defineAsyncComponent(() => fetched(() => import('../content/RichTextEditor.vue')))
</script>

<template>
  <RichTextEditor
    :label="label"
    :model-value="value"
    :faults="[]"
    @update:model-value="emit('change', $event ?? emptyDocument)"
  />
</template>
