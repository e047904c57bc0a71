<script setup lang="ts">
import type { LabelSetting } from '~~/core/cards/parts/label'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ setting: LabelSetting }>()
const emit = defineEmits<{ change: [setting: LabelSetting] }>()

function set(change: Partial<LabelSetting>) {
  emit('change', { ...props.setting, ...change })
}
</script>

<template>
  <TextSetting
    :label="words.text"
    :value="setting.text"
    :most="60"
    required
    @change="set({ text: $event })"
  />
</template>
