<script setup lang="ts">
import type { SummarySetting } from '~~/core/cards/parts/summary'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from '../words'

defineProps<{ setting: SummarySetting; fallback: SummarySetting }>()
const emit = defineEmits<{ change: [setting: SummarySetting] }>()
</script>

<template>
  <NumberSetting
    :label="words.words"
    :value="setting.words"
    :least="1"
    :most="200"
    :fallback="fallback.words"
    @change="emit('change', { ...setting, words: $event })"
  />
</template>
