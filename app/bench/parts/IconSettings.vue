<script setup lang="ts">
import type { IconSetting } from '~~/core/cards/parts/icon'
import IconPicker from '../../shared/settings/IconPicker.vue'
import { words } from './words'

const props = defineProps<{ setting: IconSetting }>()
const emit = defineEmits<{ change: [setting: IconSetting] }>()
</script>

<template>
  <IconPicker
    :label="words.icon"
    :value="setting.icon"
    @change="emit('change', { ...props.setting, icon: $event })"
  />
</template>
