<script setup lang="ts">
import type { TitleSetting } from '~~/core/cards/parts/title'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { words } from '../words'

defineProps<{ setting: TitleSetting; fallback: TitleSetting }>()
const emit = defineEmits<{ change: [setting: TitleSetting] }>()
const choices = [2, 3, 4, 5, 6].map((level) => ({ value: level, title: `h${level}` }))
</script>

<template>
  <ChoiceSetting
    :label="words.level"
    :value="setting.level"
    :choices="choices"
    :fallback="fallback.level"
    @change="emit('change', { ...setting, level: $event })"
  />
</template>
