<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { defineAsyncComponent } from 'vue'
import { emptyDocument } from '~~/core/content/rich-text/document'
import { fetched } from '../../shared/fetched-later'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'note'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'note'>, subject: string] }>()
const RichTextEditor = defineAsyncComponent(() => fetched(() => import('../../content/RichTextEditor.vue')))
</script>

<template>
  <RichTextEditor
    :label="words.text"
    :model-value="settings.text"
    :faults="[]"
    @update:model-value="emit('change', { ...props.settings, text: $event ?? emptyDocument }, 'text')"
  />
</template>
