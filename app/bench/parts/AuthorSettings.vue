<script setup lang="ts">
import type { AuthorSetting } from '~~/core/cards/parts/author'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { words } from './words'

const props = defineProps<{ setting: AuthorSetting }>()
const emit = defineEmits<{ change: [setting: AuthorSetting] }>()

function set(change: Partial<AuthorSetting>) {
  emit('change', { ...props.setting, ...change })
}
</script>

<template>
  <SwitchSetting
    :label="words.portrait"
    :value="setting.portrait ?? false"
    :fallback="false"
    @change="set({ portrait: $event })"
  />
</template>
