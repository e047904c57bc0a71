<script setup lang="ts">
import type { SummarySetting } from '~~/core/cards/parts/summary'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from './words'

const props = defineProps<{ setting: SummarySetting }>()
const emit = defineEmits<{ change: [setting: SummarySetting] }>()

function set(change: Partial<SummarySetting>) {
  emit('change', { ...props.setting, ...change })
}
</script>

<template>
  <NumberSetting
    :label="words.words"
    :value="setting.words"
    :least="1"
    :most="200"
    @change="set({ words: $event })"
  />
</template>
