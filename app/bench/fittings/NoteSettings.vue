<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import RichTextSetting from '../RichTextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'note'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'note'>, subject: string] }>()
</script>

<template>
  <RichTextSetting
    :label="words.text"
    :value="settings.text"
    @change="emit('change', { ...props.settings, text: $event }, 'text')"
  />
</template>
