<script setup lang="ts">
import type { ButtonSetting } from '~~/core/cards/parts/button'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { words } from './words'

const props = defineProps<{ setting: ButtonSetting }>()
const emit = defineEmits<{ change: [setting: ButtonSetting] }>()

function set(change: Partial<ButtonSetting>) {
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
  <ChoiceSetting
    :label="words.form"
    :value="setting.form"
    fallback="link"
    :choices="choicesOf(words.forms)"
    @change="set({ form: $event })"
  />
  <SwitchSetting
    :label="words.titled"
    :value="setting.titled ?? false"
    :fallback="true"
    @change="set({ titled: $event })"
  />
</template>
