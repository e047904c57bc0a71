<script setup lang="ts">
import { computed } from 'vue'
import { mostMinutesBefore } from '~~/core/cards/parts/button'
import type { ButtonSetting } from '~~/core/cards/parts/button'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: ButtonSetting }>()
const emit = defineEmits<{ change: [setting: ButtonSetting] }>()

function set(change: Partial<ButtonSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices, happens } = useCardFields()
const links = computed(() => choices('link'))
/** As long before its date as a button comes that is only there around it, in minutes. */
const usualMinutes = 15
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
  <SelectSetting
    v-if="links.length > 0 || setting.to !== undefined"
    :label="words.leadsTo"
    :value="setting.to ?? 0"
    :fallback="0"
    :choices="[{ value: 0, title: words.ownPage }, ...links]"
    @change="set({ to: $event || undefined })"
  />
  <SwitchSetting
    v-if="happens || setting.opens !== undefined"
    :label="words.aroundDate"
    :value="setting.opens !== undefined"
    :fallback="false"
    @change="set({ opens: $event ? usualMinutes : undefined })"
  />
  <NumberSetting
    v-if="setting.opens !== undefined"
    :label="words.opens"
    :value="setting.opens"
    :least="0"
    :most="mostMinutesBefore"
    :fallback="usualMinutes"
    :unit="words.opensUnit"
    @change="set({ opens: $event })"
  />
  <SwitchSetting
    :label="words.titled"
    :value="setting.titled ?? false"
    :fallback="true"
    @change="set({ titled: $event })"
  />
</template>
